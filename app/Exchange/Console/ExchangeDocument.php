<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Platform\Console\DocumentCommand;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Bundles;
use GrayCompass\Document\Refusal;

/** Without a database: what a bundle holds beyond the document is listed on standard error, as `unknown`. */
final class ExchangeDocument extends DocumentCommand
{
    private const FORMATS = ['fhir'];

    protected $signature = 'exchange:document {file : a file, or - for standard input}
        {--to= : write an examination document in this format: fhir}
        {--from= : read an examination document from this format: fhir}';

    protected $description = 'Turn an examination document into a FHIR bundle, or a bundle into the document';

    public function __construct(private readonly Bundles $bundles)
    {
        parent::__construct();
    }

    protected function most(): int
    {
        return Bundles::MAX_BYTES;
    }

    protected function answer(mixed $document): array
    {
        $to = $this->option('to');
        $from = $this->option('from');
        if (($to === null) === ($from === null) || ! \in_array($to ?? $from, self::FORMATS, true)) {
            throw Refusal::ofTheWhole('expected either --to=fhir or --from=fhir');
        }

        return $to !== null ? $this->bundles->ofDocument($document) : $this->document($document);
    }

    /** @return array<array-key, mixed> */
    private function document(mixed $bundle): array
    {
        $read = $this->bundles->read($bundle, CarbonImmutable::now());
        if ($read->unknown !== []) {
            $this->remark(['unknown' => $read->unknown]);
        }

        return (array) $read->document;
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Exchange\Fhir\ConfiguredTerms;
use GrayCompass\Document\Refusal;
use Illuminate\Console\Command;

final class ExchangeCodings extends Command
{
    protected $signature = 'exchange:codings';

    protected $description = 'Check the file of codes of other terminologies, named by FHIR_CODINGS';

    public function handle(): int
    {
        try {
            ConfiguredTerms::read();
        } catch (Refusal $refusal) {
            $this->error(ltrim("{$refusal->path}: {$refusal->reason}", ': '));

            return self::FAILURE;
        }
        $this->line('The codes can be used.');

        return self::SUCCESS;
    }
}

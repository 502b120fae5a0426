<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Exchange\Http\Resources\RecordImportResource;
use App\Exchange\Http\Resources\RecordPreviewResource;
use App\Exchange\Incoming\FileReader;
use App\Exchange\Incoming\RecordImports;
use App\Exchange\Incoming\Wishes;
use App\Exchange\Values\SignedAs;
use GrayCompass\Document\Refusal;

/** What the page “Import records” does: the preview, and with --store all that it says, by the worker. */
final class ExchangeImport extends RecordCommand
{
    protected $signature = 'exchange:import {file}
        {--by= : e-mail of the member in whose name it is done}
        {--athlete= : id of the athlete whose is all that names nobody}
        {--squad= : of athletes who are not in the lists yet}
        {--drafts : signed examinations become drafts, and not history}
        {--origin= : where the records come from}
        {--store : store what the preview calls new}';

    protected $description = 'Preview a file with examinations and results as JSON, and store it';

    public function __construct(private readonly RecordImports $imports)
    {
        parent::__construct();
    }

    protected function carryOut(User $by): void
    {
        $this->authorize(Ability::Answer);
        $file = (string) $this->argument('file');
        $bytes = is_file($file) ? file_get_contents($file, length: FileReader::MAX_BYTES + 1) : false;
        if ($bytes === false) {
            throw Refusal::at('file', "{$file} cannot be read");
        }
        $wishes = new Wishes(
            $this->option('athlete'), (string) $this->option('squad'),
            $this->option('drafts') ? SignedAs::Draft : SignedAs::History,
        );
        $preview = $this->imports->preview($by->teamId(), $bytes, $wishes);
        if (! $this->option('store')) {
            $this->write((new RecordPreviewResource($preview, $by->teamId()))->resolve());

            return;
        }
        $origin = trim((string) $this->option('origin'));
        if ($origin === '') {
            throw Refusal::at('origin', __('exchange.incoming.origin_missing'));
        }
        $import = $this->imports->begin($by, $bytes, $wishes, $origin, \count($preview->toStore()));
        $this->write((new RecordImportResource($import))->resolve());
    }
}

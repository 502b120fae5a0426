<?php

declare(strict_types=1);

namespace App\Console\Commands;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Wire\DocumentSchema;
use GrayCompass\Document\Json;
use Illuminate\Console\Command;

/** Writes the part of the contract that lists manoeuvres and fields, so that each is named once. */
final class ContractGenerate extends Command
{
    protected $signature = 'contract:generate {--check : only say whether the file is current}';

    protected $description = 'Write contract/examination.schema.json from the catalogue';

    public function handle(Figures $data): int
    {
        $file = base_path('contract/examination.schema.json');
        $schema = Json::write(DocumentSchema::of($data->catalogue()))."\n";
        if ($this->option('check')) {
            $current = is_file($file) && file_get_contents($file) === $schema;
            $this->line($current ? 'current' : 'contract/examination.schema.json is not what the catalogue says; run php artisan contract:generate');

            return $current ? self::SUCCESS : self::FAILURE;
        }

        return file_put_contents($file, $schema) === false ? self::FAILURE : self::SUCCESS;
    }
}

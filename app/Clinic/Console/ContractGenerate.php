<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Wire\DocumentSchema;
use GrayCompass\Document\Json;
use Illuminate\Console\Command;

/** Writes the parts of the contract that list manoeuvres and fields, so that each is named once. */
final class ContractGenerate extends Command
{
    protected $signature = 'contract:generate {--check : only say whether the files are current}';

    protected $description = 'Write the contract\'s JSON Schemas from the shapes that reading asks';

    public function handle(Figures $figures): int
    {
        $files = [
            'examination.schema.json' => $figures->examinationSchema(),
            'payloads.schema.json' => DocumentSchema::payloads($figures->catalogue()),
            'problem.schema.json' => DocumentSchema::problem(),
        ];
        $all = self::SUCCESS;
        foreach ($files as $name => $schema) {
            $file = base_path("contract/{$name}");
            $text = Json::write($schema)."\n";
            if (! $this->option('check')) {
                $all = file_put_contents($file, $text) === false ? self::FAILURE : $all;
            } elseif (! is_file($file) || file_get_contents($file) !== $text) {
                $this->line("contract/{$name} is not what the catalogue says; run php artisan contract:generate");
                $all = self::FAILURE;
            }
        }

        return $all;
    }
}

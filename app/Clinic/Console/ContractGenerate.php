<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use App\Access\Http\Shapes\Accounts;
use App\Access\Http\Shapes\Invitations;
use App\Clinic\Http\Shapes\AthleteFiles;
use App\Clinic\Http\Shapes\Calendars;
use App\Clinic\Http\Shapes\Episodes;
use App\Clinic\Http\Shapes\Examinations;
use App\Clinic\Http\Shapes\Histories;
use App\Clinic\Http\Shapes\Letters;
use App\Clinic\Http\Shapes\Pages;
use App\Clinic\Http\Shapes\ReferenceResults;
use App\Clinic\Http\Shapes\Saving;
use App\Clinic\Http\Shapes\Tasks;
use App\Clinic\Http\Shapes\Weighing;
use App\Club\Http\Shapes\Athletes;
use App\Club\Http\Shapes\Doctors;
use App\Club\Http\Shapes\Imports;
use App\Club\Http\Shapes\Teams;
use App\Platform\Http\Shapes\Refusals;
use App\Trust\Http\Shapes\Logs;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Wire\DocumentSchema;
use GrayCompass\Core\Wire\Shapes\AssessmentShapes;
use GrayCompass\Core\Wire\Shapes\CatalogueShapes;
use GrayCompass\Core\Wire\Shapes\Terms;
use GrayCompass\Document\Json;
use GrayCompass\Document\Shape\Named;
use Illuminate\Console\Command;
use ReflectionClass;
use ReflectionMethod;

/** Writes the schemas of the contract from the shapes of what crosses the wire, so that each is described once. */
final class ContractGenerate extends Command
{
    /** Each public method of these is a shape with a name of its own. */
    private const SHAPES = [
        Terms::class, CatalogueShapes::class, AssessmentShapes::class, Refusals::class, Accounts::class,
        Invitations::class, Logs::class, Teams::class, Athletes::class, Doctors::class, Imports::class, Histories::class,
        Examinations::class, Saving::class, Tasks::class, ReferenceResults::class, Episodes::class, Letters::class,
        Pages::class, Calendars::class, AthleteFiles::class, Weighing::class,
    ];

    protected $signature = 'contract:generate {--check : only say whether the files are current}';

    protected $description = 'Write the contract\'s JSON Schemas from the shapes that reading asks';

    public function handle(Figures $figures): int
    {
        $files = [
            'examination.schema.json' => $figures->examinationSchema(),
            'payloads.schema.json' => DocumentSchema::payloads($figures->catalogue()),
            'problem.schema.json' => DocumentSchema::problem(),
            'schemas.json' => self::schemas(),
        ];
        $all = self::SUCCESS;
        foreach ($files as $name => $schema) {
            $file = base_path("contract/{$name}");
            $text = Json::write($schema)."\n";
            if (! $this->option('check')) {
                $all = file_put_contents($file, $text) === false ? self::FAILURE : $all;
            } elseif (is_file($file) && file_get_contents($file) !== $text) {
                $this->line("contract/{$name} is not what the shapes say; run php artisan contract:generate");
                $all = self::FAILURE;
            } elseif (! is_file($file)) {
                $all = file_put_contents($file, $text) === false ? self::FAILURE : $all;
            }
        }

        return $all;
    }

    /**
     * @return array<string, array<string, mixed>> by name
     */
    private static function schemas(): array
    {
        $schemas = [];
        foreach (self::SHAPES as $holder) {
            foreach ((new ReflectionClass($holder))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
                $shape = $method->invoke(null);
                \assert($shape instanceof Named && ! isset($schemas[$shape->name]));
                $schemas[$shape->name] = $shape->definition();
            }
        }
        ksort($schemas);

        return $schemas;
    }
}

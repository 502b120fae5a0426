<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Access\Http\Shapes\AccountShapes;
use App\Access\Http\Shapes\InvitationShapes;
use App\Access\Http\Shapes\TokenShapes;
use App\Clinic\Http\Shapes\AthleteFileShapes;
use App\Clinic\Http\Shapes\CalendarShapes;
use App\Clinic\Http\Shapes\EpisodeShapes;
use App\Clinic\Http\Shapes\ExaminationShapes;
use App\Clinic\Http\Shapes\HistoryShapes;
use App\Clinic\Http\Shapes\LetterShapes;
use App\Clinic\Http\Shapes\PageShapes;
use App\Clinic\Http\Shapes\ReferenceResultShapes;
use App\Clinic\Http\Shapes\SavingShapes;
use App\Clinic\Http\Shapes\TaskShapes;
use App\Clinic\Http\Shapes\WeighingShapes;
use App\Club\Http\Shapes\AthleteShapes;
use App\Club\Http\Shapes\DoctorShapes;
use App\Club\Http\Shapes\ImportShapes;
use App\Club\Http\Shapes\TeamShapes;
use App\Exchange\Http\Shapes\RecordImportShapes;
use App\Exchange\Http\Shapes\SentReferralShapes;
use App\Exchange\Http\Shapes\TableExportShapes;
use App\Exchange\Http\Shapes\WebhookShapes;
use App\Platform\Http\Shapes\RefusalShapes;
use App\Trust\Http\Shapes\LogShapes;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Wire\DocumentSchema;
use GrayCompass\Core\Wire\Shapes\AssessmentShapes;
use GrayCompass\Core\Wire\Shapes\CatalogueShapes;
use GrayCompass\Core\Wire\Shapes\Terms;
use GrayCompass\Core\Wire\Shapes\WordsShapes;
use GrayCompass\Document\Json;
use GrayCompass\Document\Shape\Definition;
use Illuminate\Console\Command;
use ReflectionClass;
use ReflectionMethod;

/** Writes the schemas of the contract from the shapes of what crosses the wire, so that each is described once. */
final class ContractGenerate extends Command
{
    /** Each public method of these is a shape with a name of its own. */
    private const SHAPES = [
        Terms::class, CatalogueShapes::class, AssessmentShapes::class, WordsShapes::class, RefusalShapes::class,
        AccountShapes::class, InvitationShapes::class, TokenShapes::class, LogShapes::class, TeamShapes::class, AthleteShapes::class, DoctorShapes::class, ImportShapes::class, HistoryShapes::class,
        ExaminationShapes::class, SavingShapes::class, TaskShapes::class, ReferenceResultShapes::class, EpisodeShapes::class, LetterShapes::class,
        PageShapes::class, CalendarShapes::class, AthleteFileShapes::class, WeighingShapes::class, TableExportShapes::class,
        RecordImportShapes::class, WebhookShapes::class, SentReferralShapes::class,
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
                \assert($shape instanceof Definition && ! isset($schemas[$shape->name]));
                $schemas[$shape->name] = $shape->definition();
            }
        }
        ksort($schemas);

        return $schemas;
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Tables;

use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Club\Models\Athlete;
use App\Exchange\Values\Table;
use GrayCompass\Core\Figures;

/**
 * What a team keeps beside its examinations, as rows of tables in the order of {@see Columns}.
 *
 * @phpstan-import-type Row from VisitRows
 */
final readonly class TeamRows
{
    private const AT_ONCE = 500;

    public function __construct(private Figures $figures)
    {
    }

    /** @return iterable<Row> nothing for the tables of examinations */
    public function of(Table $table, string $team): iterable
    {
        return match ($table) {
            Table::Athletes => self::athletes($team),
            Table::ReferenceResults => self::referenceResults($team),
            Table::Tasks => self::tasks($team),
            Table::Evidence => $this->evidence(),
            default => [],
        };
    }

    /** @return iterable<Row> */
    private static function athletes(string $team): iterable
    {
        $athletes = Athlete::query()->withoutGlobalScopes()->where('team_id', $team);
        foreach ($athletes->lazyById(self::AT_ONCE) as $athlete) {
            $sex = $athlete->profile->sex ?? null;
            yield [
                $athlete->id, $athlete->number, $athlete->squad, $athlete->born_on->toDateString(),
                \is_string($sex) ? $sex : null,
            ];
        }
    }

    /** @return iterable<Row> one for each condition that was looked for */
    private static function referenceResults(string $team): iterable
    {
        $results = ReferenceResult::query()->withoutGlobalScopes()->where('team_id', $team)->whereNull('deleted_at');
        foreach ($results->lazyById(self::AT_ONCE) as $result) {
            foreach ($result->answers() as $answer) {
                yield [
                    $result->id, $result->athlete_id, $result->episode_id, $result->kind->value,
                    $result->seen_on->toDateString(), $answer->condition->value, $answer->seen->value, $answer->grade,
                ];
            }
        }
    }

    /** @return iterable<Row> */
    private static function tasks(string $team): iterable
    {
        $tasks = Task::query()->withoutGlobalScopes()->where('team_id', $team)->with([
            'examination' => static fn ($one) => $one->withoutGlobalScopes()->doesntHave('superseding'),
        ]);
        foreach ($tasks->lazyById(self::AT_ONCE) as $task) {
            yield [
                $task->id, $task->athlete_id, $task->examination?->isSigned() === true ? $task->examination_id : null,
                $task->kind->value, $task->state->value,
                $task->due_from?->toDateString(), $task->due_on?->toDateString(),
            ];
        }
    }

    /** @return iterable<Row> */
    private function evidence(): iterable
    {
        foreach ($this->figures->evidence() as $row) {
            yield [
                $row->finding, $row->target->value, $row->phase?->value, VisitRows::number($row->sensitivity),
                VisitRows::number($row->sensitivityInterval[0]), VisitRows::number($row->sensitivityInterval[1]),
                VisitRows::number($row->specificity), $row->set, $row->quality->value, $row->source,
            ];
        }
    }
}

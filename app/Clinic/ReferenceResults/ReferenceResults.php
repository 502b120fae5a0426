<?php

declare(strict_types=1);

namespace App\Clinic\ReferenceResults;

use App\Access\Models\User;
use App\Clinic\Models\Episode;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\TaskState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\DB;

/** What knees turned out to have: written down, corrected, removed, and taken back for a day. */
final readonly class ReferenceResults
{
    public function __construct(private AuditLog $deeds, private Tasks $tasks)
    {
    }

    /**
     * @param  Task|null  $answers  what had asked for it, and is done with it
     *
     * @throws Refusal where what had asked for it is closed already
     */
    public function add(Episode $episode, ReferenceFacts $facts, User $by, ?Task $answers = null): ReferenceResult
    {
        return DB::transaction(function () use ($episode, $facts, $by, $answers): ReferenceResult {
            $outcome = ReferenceResult::query()->create([
                'team_id' => $by->teamId(), 'athlete_id' => $episode->athlete_id, 'episode_id' => $episode->id,
                'made_by' => $by->id, 'asked_by_id' => $answers?->examination_id, ...$facts->columns(),
            ]);
            if ($answers !== null) {
                $this->tasks->move($answers, new TaskChange(TaskState::Done, note: "{$facts->kind->label()} came"), $by);
            }
            $this->deeds->record(AuditEvent::OutcomeAdded, $episode->athlete_id, self::said($outcome));

            return $outcome;
        });
    }

    public function change(ReferenceResult $outcome, ReferenceFacts $facts): void
    {
        DB::transaction(function () use ($outcome, $facts): void {
            $outcome->update($facts->columns());
            $this->deeds->record(AuditEvent::OutcomeChanged, $outcome->athlete_id, self::said($outcome));
        });
    }

    /** For a day it can be taken back; see Leftovers. */
    public function remove(ReferenceResult $outcome): void
    {
        DB::transaction(function () use ($outcome): void {
            $outcome->delete();
            $this->deeds->record(AuditEvent::OutcomeRemoved, $outcome->athlete_id, self::said($outcome));
        });
    }

    public function restore(ReferenceResult $outcome): void
    {
        DB::transaction(function () use ($outcome): void {
            $outcome->restore();
            $this->deeds->record(AuditEvent::OutcomeRestored, $outcome->athlete_id, self::said($outcome));
        });
    }

    /**
     * @return array<string, string>
     */
    private static function said(ReferenceResult $outcome): array
    {
        return ['kind' => $outcome->kind->value, 'outcome' => $outcome->id, 'digest' => $outcome->digest()];
    }
}

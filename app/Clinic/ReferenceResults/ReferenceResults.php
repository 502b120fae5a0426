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
    public function __construct(private AuditLog $log, private Tasks $tasks)
    {
    }

    /**
     * @param  Task|null  $answers  what had asked for it, and is done with it
     * @param  string|null  $import  id of the import that brings it
     *
     * @throws Refusal where what had asked for it is closed already
     */
    public function add(Episode $episode, ReferenceFacts $facts, User $by, ?Task $answers = null, ?string $import = null): ReferenceResult
    {
        return DB::transaction(function () use ($episode, $facts, $by, $answers, $import): ReferenceResult {
            $result = ReferenceResult::query()->create([
                'team_id' => $by->teamId(), 'athlete_id' => $episode->athlete_id, 'episode_id' => $episode->id,
                'made_by' => $by->id, 'asked_by_id' => $answers?->examination_id,
                'record_import_id' => $import, ...$facts->columns(),
            ]);
            if ($answers !== null) {
                $this->tasks->move($answers, new TaskChange(TaskState::Done, note: "{$facts->kind->label()} came"), $by);
            }
            $this->log->record(AuditEvent::ReferenceResultAdded, $episode->athlete_id, [
                ...self::auditDetail($result), ...($import === null ? [] : ['import' => $import]),
            ]);

            return $result;
        });
    }

    public function change(ReferenceResult $result, ReferenceFacts $facts): void
    {
        DB::transaction(function () use ($result, $facts): void {
            $result->update($facts->columns());
            $this->log->record(AuditEvent::ReferenceResultChanged, $result->athlete_id, self::auditDetail($result));
        });
    }

    /** For a day it can be taken back; see PruneExpired. */
    public function remove(ReferenceResult $result): void
    {
        DB::transaction(function () use ($result): void {
            $result->delete();
            $this->log->record(AuditEvent::ReferenceResultRemoved, $result->athlete_id, self::auditDetail($result));
        });
    }

    public function restore(ReferenceResult $result): void
    {
        DB::transaction(function () use ($result): void {
            $result->restore();
            $this->log->record(AuditEvent::ReferenceResultRestored, $result->athlete_id, self::auditDetail($result));
        });
    }

    /**
     * Inside a transaction that notes the undoing of the import: removes its results for good, however many, but for
     * those that were changed since or have files.
     *
     * @return int results that stay
     */
    public function removeImported(string $import): int
    {
        $results = ReferenceResult::query()->where('record_import_id', $import);
        (clone $results)->whereColumn('updated_at', 'created_at')->whereDoesntHave('attachments')->toBase()->delete();

        return $results->count();
    }

    /**
     * @return array<string, string>
     */
    private static function auditDetail(ReferenceResult $result): array
    {
        return ['kind' => $result->kind->value, 'outcome' => $result->id, 'digest' => $result->digest()];
    }
}

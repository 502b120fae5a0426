<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Models\User;
use App\Clinic\Models\Addendum;
use App\Clinic\Models\Availability;
use App\Clinic\Models\Examination;
use App\Clinic\Models\SharedPage;
use App\Clinic\Models\Task;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\ExaminationStatus;
use App\Clinic\Values\TaskState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\DB;

/** What is done about a signed examination that was wrong: nothing of it changes, and both stay in sight. */
final readonly class Corrections
{
    public function __construct(private AuditLog $log, private Tasks $tasks)
    {
    }

    /** @throws Refusal where it is not signed */
    public function add(Examination $examination, string $words, User $by): Addendum
    {
        self::insistOnSigned($examination);

        return DB::transaction(function () use ($examination, $words, $by): Addendum {
            $addendum = Addendum::query()->create([
                'examination_id' => $examination->id, 'words' => $words, 'written_by' => $by->id,
            ]);
            $this->log->record(AuditEvent::AddendumWritten, $examination->id, [
                'addendum' => $addendum->id, 'digest' => $addendum->digest(),
            ]);

            return $addendum;
        });
    }

    /**
     * A draft with everything that was recorded, which takes the place of the signed one once it is signed itself; the
     * one that is open already where there is one.
     *
     * @throws Refusal where it is not signed, or another took its place
     */
    public function begin(Examination $examination, User $by): Examination
    {
        self::insistOnSigned($examination);

        return DB::transaction(function () use ($examination, $by): Examination {
            $locked = Examination::query()->lockForUpdate()->findOrFail($examination->id);
            $next = Examination::query()->where('supersedes_id', $locked->id)->first();
            if ($next !== null) {
                return $next->isSigned()
                    ? throw Refusal::ofTheWhole(__('clinic.corrections.another_examination_replaced_it'))
                    : $next;
            }
            $draft = Examination::query()->create([
                'team_id' => $locked->team_id, 'episode_id' => $locked->episode_id, 'examiner_id' => $by->id,
                'status' => ExaminationStatus::Draft, 'examined_at' => $locked->examined_at, 'revision' => 0,
                'supersedes_id' => $locked->id, 'baseline_id' => $locked->baseline_id,
            ]);
            foreach ($locked->sections()->get() as $section) {
                $draft->sections()->create([
                    'examination_id' => $draft->id, 'name' => $section->name, 'payload' => $section->payload,
                    'version' => 1, 'saved_by' => $by->id,
                ]);
            }
            foreach ($locked->records()->get() as $record) {
                $draft->records()->create([
                    'examination_id' => $draft->id, 'manoeuvre' => $record->manoeuvre, 'side' => $record->side,
                    'payload' => $record->payload, 'before_gate' => $record->before_gate,
                    'sequence' => $record->sequence, 'version' => 1, 'saved_by' => $by->id,
                ]);
            }
            $this->log->record(AuditEvent::CorrectionBegun, $locked->id);

            return $draft;
        });
    }

    /** Inside the transaction of the signature: what followed from the one before follows no more. */
    public function takePlace(Examination $signed, User $by): void
    {
        if ($signed->supersedes_id === null) {
            return;
        }
        Availability::query()->where('examination_id', $signed->supersedes_id)->delete();
        SharedPage::query()->where('examination_id', $signed->supersedes_id)->delete();
        Task::query()->where('examination_id', $signed->supersedes_id)->get()
            ->reject(static fn (Task $task): bool => $task->state->isClosed())
            ->each(fn (Task $task) => $this->tasks->move(
                $task, new TaskChange(TaskState::LetGo, note: 'the examination was corrected'), $by,
            ));
        $this->log->record(AuditEvent::Superseded, $signed->supersedes_id, [], $by);
    }

    /** @throws Refusal */
    private static function insistOnSigned(Examination $examination): void
    {
        if (! $examination->isSigned()) {
            throw Refusal::ofTheWhole(__('clinic.corrections.it_is_not_signed_change_it'));
        }
    }
}

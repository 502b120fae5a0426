<?php

declare(strict_types=1);

namespace App\Clinic\Tasks;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** What is due: made from a plan when it is signed, or by hand; done, moved, or let go with a reason. */
final readonly class Tasks
{
    /** Days ahead that the first screen looks. */
    public const AHEAD = 7;

    private const SHOWN = 100;

    public function __construct(private AuditLog $log)
    {
    }

    /** Inside the transaction of the signature: what an earlier look at this knee asked for is done with this one. */
    public function follow(Examination $examination, Assessment $assessment, User $by): void
    {
        $episode = $examination->episode;
        $earlier = Examination::query()->where('episode_id', $episode->id)->whereKeyNot($examination->id)->select('id');
        Task::query()->where('kind', TaskKind::LookAgain)->where('state', TaskState::Open)
            ->whereIn('examination_id', $earlier)->get()->each(fn (Task $task) => $this->close($task, TaskState::Done, 'looked at again', $by));
        // Signed a day late, a knee is due no later for that.
        $seen = TeamDays::ofTeam($examination->team_id)->day($examination->examined_at);
        $side = $episode->hurt_side->value;
        $words = $assessment->words->phrases;
        $asked = Task::query()->where('kind', TaskKind::Referral)->whereIn('state', [TaskState::Open, TaskState::Sent])
            ->whereIn('examination_id', $earlier)->orderBy('id')->get();
        foreach ($assessment->plan->sendOn as $referral) {
            $due = $seen->addDays($referral->within->days());
            foreach ($asked->filter(static fn (Task $task): bool => self::isTheSame($task, $referral)) as $before) {
                $isUrgent = $referral->within->rank() <= Within::SameDay->rank();
                $isDueBefore = $before->due_on !== null && ! $before->due_on->isAfter($due);
                $stands = $isDueBefore && ($before->content['to'] ?? '') === $referral->to->value;
                if (! $isUrgent && ($before->state === TaskState::Sent || $stands)) {
                    continue 2;
                }
                // Asked otherwise, it is due no later than it was.
                $due = $isDueBefore ? $before->due_on : $due;
                $this->close($before, TaskState::Done, 'asked again at the next visit', $by);
                $asked = $asked->reject(static fn (Task $task): bool => $task->is($before));
            }
            $this->make($examination, TaskKind::Referral, [
                'title' => "{$referral->within->label()}: {$words->words($referral->to->name())}",
                'why' => trim("{$words->sentence($referral->why)} {$words->words($referral->question)}"),
                'side' => $side,
                'asks' => array_column($referral->asks, 'value'),
                'to' => $referral->to->value,
            ], null, $due, $by);
        }
        $again = $assessment->plan->lookAgain;
        if ($again !== null) {
            $this->make($examination, TaskKind::LookAgain, [
                'title' => trim("Re-examine. {$words->paragraph(array_filter([$again->when()]))}"),
                'why' => $words->paragraph([...$again->why, ...array_filter([$again->hours()])]),
                'side' => $side,
            ], self::in($seen, $again->from), self::in($seen, $again->to ?? $again->from), $by);
        }
    }

    public function note(Athlete $athlete, string $title, CarbonImmutable $dueOn, User $by): Task
    {
        return DB::transaction(function () use ($athlete, $title, $dueOn, $by): Task {
            $task = Task::query()->create([
                'team_id' => $athlete->team_id, 'athlete_id' => $athlete->id, 'kind' => TaskKind::ByHand,
                'state' => TaskState::Open, 'content' => ['title' => $title, 'why' => '', 'side' => null],
                'due_on' => $dueOn, 'made_by' => $by->id,
            ]);
            $this->log->record(AuditEvent::TaskMade, $athlete->id);

            return $task;
        });
    }

    /** @throws Refusal where it is closed, was never sent, or is let go without a reason */
    public function move(Task $task, TaskChange $change, User $by): Task
    {
        return DB::transaction(function () use ($task, $change, $by): Task {
            $locked = Task::query()->lockForUpdate()->findOrFail($task->id);
            $change->insistOn($locked);
            if ($change->state->isClosed()) {
                return $this->close($locked, $change->state, $change->note, $by);
            }
            $locked->update([
                'state' => $change->state,
                'due_on' => $change->dueOn ?? $locked->due_on,
                'due_from' => $change->dueOn ?? $locked->due_from,
            ]);
            $this->log->record(AuditEvent::TaskMoved, $locked->athlete_id, ['to' => $change->state->value]);

            return $locked;
        });
    }

    /** Onto other days, however it stands otherwise. */
    public function shift(Task $task, CarbonImmutable $first, CarbonImmutable $last): Task
    {
        return DB::transaction(function () use ($task, $first, $last): Task {
            $task->update(['due_from' => $first, 'due_on' => $last]);
            $this->log->record(AuditEvent::TaskMoved, $task->athlete_id, ['to' => $last->toDateString()]);

            return $task;
        });
    }

    /**
     * What is overdue, due within the week, or awaited; soonest first.
     *
     * @return Collection<int, Task>
     */
    public function due(): Collection
    {
        $soon = TeamDays::here()->today()->addDays(self::AHEAD);
        $isNear = static fn (Builder $day): Builder => $day
            ->where('due_on', '<=', $soon)->orWhere('due_from', '<=', $soon)->orWhereNull('due_on');
        $isOpen = static fn (Builder $open): Builder => $open->where('state', TaskState::Open)->where($isNear);

        return Task::query()->with(['athlete', 'examination'])
            ->where(static fn (Builder $tasks): Builder => $tasks->where('state', TaskState::Sent)->orWhere($isOpen))
            ->orderByRaw('due_on is null, due_on')->orderBy('id')->limit(self::SHOWN)->get();
    }

    private function close(Task $task, TaskState $state, ?string $note, User $by): Task
    {
        $task->update(['state' => $state, 'closing' => $note, 'closed_by' => $by->id, 'closed_at' => Date::now()]);
        $this->log->record(AuditEvent::TaskClosed, $task->athlete_id, [
            'as' => $state->value, 'task' => $task->id, 'kind' => $task->kind->value,
        ], $by);

        return $task;
    }

    /**
     * @param  array{title: string, why: string, side: string|null, asks?: list<string>, to?: string}  $content
     */
    private function make(
        Examination $examination,
        TaskKind $kind,
        array $content,
        ?CarbonImmutable $from,
        ?CarbonImmutable $on,
        User $by,
    ): void {
        Task::query()->create([
            'team_id' => $examination->team_id, 'athlete_id' => $examination->episode->athlete_id,
            'examination_id' => $examination->id, 'kind' => $kind, 'state' => TaskState::Open, 'content' => $content,
            'due_from' => $from, 'due_on' => $on, 'made_by' => $by->id,
        ]);
    }

    /** The same place is asked about the same structures, at an earlier visit; one that was sent away waits for its answer. */
    private static function isTheSame(Task $task, Referral $referral): bool
    {
        $to = Destination::tryFrom($task->content['to'] ?? '');
        $asked = $task->content['asks'] ?? [];
        $asks = array_column($referral->asks, 'value');

        return $to !== null && array_udiff(
            $referral->to->places(),
            $to->places(),
            static fn (Place $one, Place $other): int => $one->name <=> $other->name,
        ) === [] && array_diff($asks, $asked) === [] && ($asks !== [] || $asked === []);
    }

    private static function in(CarbonImmutable $seen, ?int $days): ?CarbonImmutable
    {
        return $days === null ? null : $seen->addDays($days);
    }
}

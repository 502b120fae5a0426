<?php

declare(strict_types=1);

namespace App\Clinic\Calendar;

use App\Access\Accounts\Token;
use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Models\Calendar;
use App\Clinic\Models\StudentScope;
use App\Clinic\Models\Task;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\TaskState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\TeamScope;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/** Calendars of people's own that read what is due, and what comes back from them. */
final readonly class Calendars
{
    private const MOST = 500;

    /** What an answer says of each task. */
    private const SHOWN = ['athlete', 'examination'];

    public function __construct(private AuditLog $log, private Tasks $tasks)
    {
    }

    /**
     * A new address; the one before it opens nothing any more.
     *
     * @return string the address, told this once
     */
    public function open(User $user, bool $inWords): string
    {
        $token = Token::make();
        DB::transaction(function () use ($user, $inWords, $token): void {
            Calendar::query()->where('user_id', $user->id)->delete();
            Calendar::query()->create([
                'user_id' => $user->id, 'token_hash' => $token->hash(), 'in_words' => $inWords,
            ]);
            $this->log->record(AuditEvent::CalendarOpened, $user->id, ['in words' => $inWords ? 'yes' : 'no']);
        });

        return URL::to("/api/calendars/{$token->secret}");
    }

    public function close(User $user): void
    {
        DB::transaction(function () use ($user): void {
            Calendar::query()->where('user_id', $user->id)->delete();
            $this->log->record(AuditEvent::CalendarClosed, $user->id);
        });
    }

    /** What someone's own calendar reads; null where the address opens nothing, or nothing any more. */
    public function read(Token $token): ?string
    {
        $calendar = Calendar::query()->where('token_hash', $token->hash())->with('user')->first();
        if ($calendar === null || $calendar->user->cannot(Ability::Examine)) {
            return null;
        }
        $calendar->update(['read_at' => Date::now()]);

        return (new CalendarFile($calendar->in_words))->of($this->due($calendar->user, $calendar->user->teamId()));
    }

    /**
     * Moves what stands on other days in a file that came back, and says what it left alone.
     *
     * @throws Refusal where it is no calendar
     */
    public function takeBack(string $text): Returned
    {
        $days = ReturnedFile::days($text);
        $moved = $left = [];
        $same = 0;
        $tasks = Task::query()->whereKey(array_keys($days))->with(self::SHOWN)->get();
        foreach ($tasks as $task) {
            $reason = self::reason($task, $days[$task->id]);
            if ($reason !== null) {
                $left[] = new LeftAlone($task, $reason);
            } elseif ($days[$task->id] !== null && ! self::stands($task, ...$days[$task->id])) {
                $moved[] = $this->tasks->shift($task, ...$days[$task->id])->load(self::SHOWN);
            } else {
                $same++;
            }
        }

        return new Returned($moved, $same, $left, \count($days) - $tasks->count());
    }

    /**
     * Why it stays where it is; null: nothing stands in its way.
     *
     * @param  array{CarbonImmutable, CarbonImmutable}|null  $days
     */
    private static function reason(Task $task, ?array $days): ?string
    {
        return match (true) {
            $days === null => (string) __('clinic.calendars.day_cannot_be_read'),
            $task->state->isClosed() => (string) __('clinic.calendars.closed_already'),
            default => null,
        };
    }

    private static function stands(Task $task, CarbonImmutable $first, CarbonImmutable $last): bool
    {
        return [
            ($task->due_from ?? $task->due_on)?->toDateString(),
            ($task->due_on ?? $task->due_from)?->toDateString(),
        ] === [$first->toDateString(), $last->toDateString()];
    }

    /**
     * @return Collection<int, Task>
     */
    private function due(User $for, string $team): Collection
    {
        $tasks = Task::query()->withoutGlobalScope(TeamScope::class)->where('team_id', $team)
            ->whereIn('state', [TaskState::Open, TaskState::Sent])
            ->with(['athlete' => static fn ($athletes) => $athletes->withoutGlobalScope(TeamScope::class)])
            ->orderBy('due_on')->limit(self::MOST);
        StudentScope::narrow($tasks, new Task, $for);

        return $tasks->get();
    }
}

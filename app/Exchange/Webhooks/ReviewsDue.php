<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Exchange\Models\Webhook;
use App\Exchange\Models\WebhookDelivery;
use App\Exchange\Values\WebhookEvent;
use Illuminate\Support\Facades\Date;

/** Tells programs of re-examinations on the day from which they are due; by the scheduler, each once. */
final readonly class ReviewsDue
{
    /** What was due for longer before anybody wanted to know is not told. */
    private const DAYS_BACK = 7;

    public function __construct(private Webhooks $webhooks)
    {
    }

    public function __invoke(): void
    {
        $teams = Webhook::query()->withoutGlobalScopes()->get()
            ->filter(static fn (Webhook $one): bool => $one->events->contains(WebhookEvent::ReviewDue))
            ->map(static fn (Webhook $one): string => $one->team_id)->unique();
        foreach ($teams as $team) {
            $today = TeamDays::ofTeam($team)->day(Date::now());
            $due = Task::query()->withoutGlobalScopes()->where('team_id', $team)->where('kind', TaskKind::LookAgain)
                ->where('state', TaskState::Open)
                ->whereBetween('due_from', [$today->subDays(self::DAYS_BACK)->toDateString(), $today->toDateString()]);
            foreach ($due->lazyById(200) as $task) {
                self::wasTold($task) || $this->webhooks->tell($team, WebhookEvent::ReviewDue, array_filter([
                    'task' => $task->id, 'athlete' => $task->athlete_id, 'examination' => $task->examination_id,
                ], is_string(...)));
            }
        }
    }

    private static function wasTold(Task $task): bool
    {
        return WebhookDelivery::query()->where('event', WebhookEvent::ReviewDue)->where('subject', $task->id)->exists();
    }
}

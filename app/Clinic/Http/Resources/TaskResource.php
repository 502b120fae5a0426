<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Task;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Http\Resources\AthleteResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Something that is due, and when by today's date.
 *
 * @property-read Task $resource
 */
final class TaskResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $task = $this->resource;

        return [
            'id' => $task->id,
            'kind' => $task->kind->value,
            'state' => $task->state->value,
            'title' => $task->content['title'],
            'why' => $task->content['why'],
            'reason' => $this->reason(),
            'side' => $task->content['side'],
            'closing' => $task->closing,
            'dueFrom' => $task->due_from?->toDateString(),
            'dueOn' => $task->due_on?->toDateString(),
            'when' => $this->group(),
            'examination' => $task->examination_id,
            'episode' => $task->examination?->episode_id,
            'athlete' => $this->when(
                $task->relationLoaded('athlete'),
                fn (): array => AthleteResource::make($task->athlete)->resolve($request),
            ),
        ];
    }

    /** Whom to see and when stand beside it in a list: here stands what for. */
    private function reason(): string
    {
        ['title' => $title, 'why' => $why] = $this->resource->content;

        return $this->resource->kind === TaskKind::LookAgain && $why !== '' ? "Re-examine. {$why}" : $title;
    }

    private function group(): string
    {
        $today = TeamDays::here()->today();
        $by = $this->resource->due_on;

        return match (true) {
            $this->resource->state->isClosed() => 'closed',
            $this->resource->state === TaskState::Sent => 'awaited',
            ($this->resource->due_from ?? $by)?->isAfter($today->addDays(Tasks::AHEAD)) === true => 'later',
            $by === null => 'week',
            $this->resource->isOverdue($today) => 'overdue',
            $by->isSameDay($today) => 'today',
            default => 'week',
        };
    }
}

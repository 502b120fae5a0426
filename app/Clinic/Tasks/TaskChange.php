<?php

declare(strict_types=1);

namespace App\Clinic\Tasks;

use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Arr;

/** What is to become of something that is due. */
final readonly class TaskChange
{
    /**
     * @param  CarbonImmutable|null  $dueOn  null: as it was
     * @param  string|null  $note  what came of it, or why it is let go
     */
    public function __construct(
        public TaskState $state,
        public ?CarbonImmutable $dueOn = null,
        public ?string $note = null,
    ) {
    }

    /**
     * @param  array<string, mixed>  $content  as content() wrote it
     */
    public static function of(array $content): self
    {
        $dueOn = $content['dueOn'] ?? null;
        $note = $content['note'] ?? null;

        return new self(
            TaskState::from(Arr::string($content, 'state')),
            is_string($dueOn) ? CarbonImmutable::parse($dueOn) : null,
            is_string($note) ? $note : null,
        );
    }

    /**
     * @return array{state: string, dueOn: string|null, note: string|null}
     */
    public function content(): array
    {
        return ['state' => $this->state->value, 'dueOn' => $this->dueOn?->toDateString(), 'note' => $this->note];
    }

    /** @throws Refusal where it is closed, was never sent, or is let go without a reason */
    public function insistOn(Task $task): void
    {
        if ($task->state->isClosed()) {
            throw Refusal::at('state', __('clinic.taskChange.this_is_closed_already'));
        }
        if ($this->state === TaskState::Sent && $task->kind !== TaskKind::Referral) {
            throw Refusal::at('state', __('clinic.taskChange.only_a_referral_is_sent'));
        }
        if ($this->state === TaskState::LetGo && $this->note === null) {
            throw Refusal::at('note', __('clinic.taskChange.enter_the_reason_for_dismissing_it'));
        }
    }
}

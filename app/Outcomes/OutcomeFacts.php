<?php

declare(strict_types=1);

namespace App\Outcomes;

use Carbon\CarbonImmutable;

/** What somebody says that a knee turned out to have. */
final readonly class OutcomeFacts
{
    /**
     * @param  list<Answer>  $answers  of the injuries that were looked for
     * @param  int<1, 104>|null  $weeks  that were waited, where the course told it
     */
    public function __construct(
        public OutcomeKind $kind,
        public CarbonImmutable $seenOn,
        public array $answers,
        public ?int $weeks = null,
        public string $note = '',
    ) {
    }

    /**
     * @return array<string, mixed>
     */
    public function columns(): array
    {
        $answers = array_map(static fn (Answer $one): array => [
            'condition' => $one->condition->value, 'seen' => $one->seen->value, 'grade' => $one->grade,
        ], $this->answers);

        return [
            'kind' => $this->kind, 'seen_on' => $this->seenOn,
            'content' => ['answers' => $answers, 'weeks' => $this->weeks, 'note' => $this->note],
        ];
    }
}

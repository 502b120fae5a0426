<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Sentences\Sentence;

/**
 * When to examine the knee again, in days from now, and why.
 *
 * @internal
 */
final readonly class LookAgain
{
    public const RESULT = 'result';

    public const SEEN_THERE = 'seen_there';

    /**
     * @param  int|null  $from  null: no date of our own to begin at
     * @param  int|null  $to  null: nor to end at
     * @param  string|null  $after  `result`: once the result is there; `seen_there`: others decide first
     * @param  non-empty-list<Sentence>  $why
     * @param  bool  $withinHours  the athlete goes on, and looks at the swelling within hours
     */
    public function __construct(
        public ?int $from,
        public ?int $to,
        public ?string $after,
        public array $why,
        public bool $withinHours = false,
    ) {
    }

    /** What the athlete looks at within hours; null where nothing is looked at so soon. */
    public function hours(): ?Sentence
    {
        return $this->withinHours ? new Sentence('review.hours') : null;
    }

    /** When; null where only hours are named. */
    public function when(): ?Sentence
    {
        $window = match (true) {
            $this->from === null => $this->to === null ? null : 'within',
            $this->to === null => 'or_later',
            $this->from === $this->to => 'in',
            default => 'between',
        };
        $parts = array_filter([
            $window === null ? null : new Sentence("days.{$window}", ['from' => $this->from ?? 0, 'to' => $this->to ?? 0]),
            match ($this->after) {
                self::RESULT => new Sentence('days.once_the_result_is_there'),
                self::SEEN_THERE => new Sentence('days.once_seen_there'),
                default => null,
            },
        ]);

        return $parts === [] ? null : new Sentence('days.sentence', ['when' => array_values($parts)]);
    }
}

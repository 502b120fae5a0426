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
     * @param  bool  $withinHours  the athlete goes on, and looks at the swelling within hours
     */
    public function __construct(
        public ?int $from,
        public ?int $to,
        public ?string $after,
        public string $why,
        public bool $withinHours = false,
    ) {
    }

    /** What the athlete looks at within hours; null where nothing is looked at so soon. */
    public function hours(): ?Sentence
    {
        return $this->withinHours ? new Sentence('review.hours') : null;
    }

    /** When, as a sentence; empty where only hours are named. */
    public function when(): string
    {
        $window = match (true) {
            $this->from === null => $this->to === null ? '' : "within {$this->to} days",
            $this->to === null => "in {$this->from} days or later",
            $this->from === $this->to => "in {$this->from} days",
            default => "in {$this->from} to {$this->to} days",
        };
        $after = match ($this->after) {
            self::RESULT => 'once the result is there',
            self::SEEN_THERE => 'once the knee has been seen there',
            default => '',
        };

        $parts = array_filter([$window, $after]);

        return $parts === [] ? '' : ucfirst(implode(', ', $parts)).'.';
    }
}

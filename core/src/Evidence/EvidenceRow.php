<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;

/**
 * One published or estimated line of figures: how a finding speaks of a condition.
 *
 * @internal
 */
final readonly class EvidenceRow
{
    /** No study is large enough to say more often than this. Working estimate. */
    private const MOST_RATE = 0.995;

    /**
     * @param  Phase|null  $phase  null: for fresh and old injuries alike
     * @param  array{float, float}  $sensitivityInterval  95 %
     * @param  array{float, float}|null  $specificityInterval  95 %; null where both ends meet a limit
     * @param  string  $set  cautious, first_reports or own
     * @param  string|null  $checked  who compared the row with the paper, and when; null: nobody yet
     */
    public function __construct(
        public string $finding,
        public Condition $target,
        public ?Phase $phase,
        public float $sensitivity,
        public array $sensitivityInterval,
        public float $specificity,
        public ?array $specificityInterval,
        public string $set,
        public Quality $quality,
        public string $source,
        public string $note = '',
        public ?string $checked = null,
    ) {
    }

    /**
     * The row of a negative that weighs half: the square root of its likelihood ratio, the interval's ends likewise.
     * Specificity is kept, so a positive of this row means nothing.
     */
    public function atHalfWeight(): self
    {
        $halved = fn (float $sensitivity): float => 1 - $this->specificity * \sqrt(
            (1 - $sensitivity) / $this->specificity,
        );

        return new self(
            $this->finding, $this->target, $this->phase, $halved($this->sensitivity),
            array_map($halved, $this->sensitivityInterval), $this->specificity, $this->specificityInterval,
            $this->set, $this->quality, $this->source, $this->note, $this->checked,
        );
    }

    /**
     * The same row with its false positive rate multiplied, figure and interval alike; specificity stays
     * within [0.005, 0.995].
     */
    public function atFalsePositives(float $factor): self
    {
        $scaled = static fn (float $specificity): float => \min(
            \max(1 - (1 - $specificity) * $factor, 1 - self::MOST_RATE),
            self::MOST_RATE,
        );
        $interval = $this->specificityInterval === null ? null : array_map($scaled, $this->specificityInterval);

        return new self(
            $this->finding, $this->target, $this->phase, $this->sensitivity, $this->sensitivityInterval,
            $scaled($this->specificity), $interval === null || $interval[0] >= $interval[1] ? null : $interval,
            $this->set, $this->quality, $this->source, $this->note, $this->checked,
        );
    }
}

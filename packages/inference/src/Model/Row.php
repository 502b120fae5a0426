<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * How one finding speaks of one condition: the figures of one line of evidence.
 *
 * @internal
 */
final readonly class Row
{
    /** Sensitivity as read: a test no better than chance moves nothing. */
    public float $detection;

    /**
     * @param  int<0, max>  $condition  position in the problem's list of conditions
     */
    public function __construct(
        public int $condition,
        public Rate $sensitivity,
        public Rate $specificity,
        public float $spread = 0.0,
    ) {
        $byChance = 1 - $specificity->value;
        $this->detection = $sensitivity->value > $byChance ? $sensitivity->value : $byChance;
    }

    public function betterThanChance(): bool
    {
        return $this->sensitivity->value > 1 - $this->specificity->value;
    }

    /** The textbook likelihood ratio of this row alone. */
    public function ratio(Outcome $outcome): float
    {
        return $outcome === Outcome::Positive
            ? $this->detection / (1 - $this->specificity->value)
            : (1 - $this->detection) / $this->specificity->value;
    }
}

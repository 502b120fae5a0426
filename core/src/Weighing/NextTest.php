<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** What one candidate is worth: how far its result could change what one would do. */
final class NextTest
{
    /**
     * @param  float  $chancePositive  in [0, 1]
     * @param  float  $value  expected fall of the losses, at least 0; a further look at one condition costs 1
     * @param  float  $bits  expected fall of the entropies of all conditions
     * @param  array<int, float>  $ifPositive  chance of each condition after a positive
     * @param  array<int, float>  $ifNegative  and after a negative
     */
    public function __construct(
        public readonly Candidate $candidate,
        public readonly float $chancePositive,
        public readonly float $value,
        public readonly float $bits,
        public readonly array $ifPositive,
        public readonly array $ifNegative,
    ) {
    }

    public function valuePerMinute(): float
    {
        return $this->value / $this->candidate->minutes;
    }

    public function bitsPerMinute(): float
    {
        return $this->bits / $this->candidate->minutes;
    }
}

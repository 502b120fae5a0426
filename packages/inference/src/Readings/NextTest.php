<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Model\Candidate;

/**
 * What one candidate is worth: how far its result could change what one would do.
 *
 * @internal
 */
final readonly class NextTest
{
    /**
     * @param  float  $chancePositive  in [0, 1]
     * @param  float  $value  expected fall of the losses, at least 0; a further look at one condition costs 1
     * @param  float  $bits  expected fall of the entropies of all conditions
     * @param  array<int, float>  $ifPositive  chance of each condition after a positive
     * @param  array<int, float>  $ifNegative  and after a negative
     */
    public function __construct(
        public Candidate $candidate,
        public float $chancePositive,
        public float $value,
        public float $bits,
        public array $ifPositive,
        public array $ifNegative,
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

<?php

declare(strict_types=1);

namespace App\Clinic\Values;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Verdict\ConditionZone;

/** How likely one injury was held. */
final readonly class Predicted
{
    /**
     * @param  float  $chance  in (0, 1), as are the ends of its interval
     * @param  int<1, max>  $rank  1 for the most likely
     */
    public function __construct(
        public Condition $condition,
        public float $chance,
        public float $low,
        public float $high,
        public ConditionZone $zone,
        public int $rank,
    ) {
    }
}

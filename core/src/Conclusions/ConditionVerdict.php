<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Weighing\WeighedChance;

/** All that is said of one condition. */
final class ConditionVerdict
{
    /**
     * @param  float  $afterStory  chance with the history only
     * @param  int|null  $grade  0–3 of a ligament
     */
    public function __construct(
        public readonly Condition $condition,
        public readonly WeighedChance $chance,
        public readonly float $afterStory,
        public readonly ConditionZone $zone,
        public readonly bool $tested,
        public readonly bool $unsettled,
        public readonly ?int $grade,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Readings\WeighedChance;

/**
 * All that is said of one condition.
 *
 * @internal
 */
final readonly class ConditionVerdict
{
    /**
     * @param  float  $afterStory  chance with the history only
     * @param  float  $seriousness  how much a miss costs, over 0 to 10
     * @param  bool  $raised  the story at least doubled its odds, to the rule-out threshold or more
     * @param  int<0, 3>|null  $grade  0–3 of a ligament; null: not graded
     */
    public function __construct(
        public Condition $condition,
        public WeighedChance $chance,
        public float $afterStory,
        public Thresholds $thresholds,
        public float $seriousness,
        public ConditionZone $zone,
        public bool $tested,
        public bool $unsettled,
        public bool $raised,
        public ?int $grade,
    ) {
    }

    /** Chance after all results, in (0, 1). */
    public function posttest(): float
    {
        return $this->chance->posttest;
    }

    public function isAtAct(): bool
    {
        return $this->zone === ConditionZone::Act;
    }

    public function isWithheld(): bool
    {
        return $this->zone === ConditionZone::Withheld;
    }

    /** Not so low that it would be ruled out by the chance alone. */
    public function reachesRuleOut(): bool
    {
        return $this->chance->posttest >= $this->thresholds->ruleOut;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\KnownResult;
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
     * @param  KnownResult|null  $known  the reference that confirmed or excluded it, or the scan of this episode
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
        public ?KnownResult $known = null,
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

    /** A look inside the joint found it, or it is known from before. */
    public function isConfirmed(): bool
    {
        return $this->zone === ConditionZone::Confirmed;
    }

    public function isExcluded(): bool
    {
        return $this->zone === ConditionZone::Excluded;
    }

    /** A scan or a look inside the joint, in this episode, has answered whether it is there. */
    public function isAnswered(): bool
    {
        return $this->known?->before === false && $this->known->by->finding() !== null;
    }

    /** It was found, by whatever reference: nothing is left to ask about whether it is torn. */
    public function isKnownTorn(): bool
    {
        return $this->known?->shows($this->condition) === true && ! $this->isWithheld();
    }

    /** Likely by its chance, or found in this episode. */
    public function isTreatedAsTorn(): bool
    {
        return $this->isAtAct() || ($this->isConfirmed() && $this->known?->before === false);
    }

    /** Not so low that it would be ruled out by the chance alone. */
    public function reachesRuleOut(): bool
    {
        return $this->chance->posttest >= $this->thresholds->ruleOut;
    }
}

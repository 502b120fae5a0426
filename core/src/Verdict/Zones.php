<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\KnownResults;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Model\Zone;
use GrayCompass\Inference\Readings\WeighedChance;

/**
 * A low chance is only called ruled out when hands have tested that very thing and nothing is left unsettled.
 *
 * @internal
 */
final readonly class Zones
{
    /** How far the interval may reach, as a multiple of the rule-out threshold. Working estimate. */
    private const REACH = 3.0;

    private HurtKnee $knee;

    public function __construct(private KneeExamination $examination, private SettledResults $results, private FrontGate $front)
    {
        $this->knee = new HurtKnee($examination);
    }

    public function of(
        Condition $condition,
        WeighedChance $chance,
        Thresholds $thresholds,
        bool $unsettled,
    ): ConditionZone {
        if ($this->isWithheld($condition)) {
            return ConditionZone::Withheld;
        }
        if ($this->examination->known->confirming($condition) !== null) {
            return ConditionZone::Confirmed;
        }
        if ($this->examination->known->excluding($condition) !== null) {
            return ConditionZone::Excluded;
        }
        if ($chance->zone === Zone::Act) {
            return $this->actsOnly($condition) ? ConditionZone::Act : ConditionZone::Investigate;
        }
        if ($chance->zone !== Zone::RuledOut) {
            return ConditionZone::Investigate;
        }
        if (! $this->results->isTested($condition)) {
            return ConditionZone::Untested;
        }
        $ruledOut = $this->hasNegative($condition) && ! $this->results->hasOwnPositive($condition) && ! $unsettled
            && $chance->interval[1] < self::REACH * $thresholds->ruleOut && ! $this->thrustsTo($condition);

        return $ruledOut ? ConditionZone::RuledOut : ConditionZone::Investigate;
    }

    /**
     * The structure was treated: a ligament other than the MCL for good, anything else for a year; or an operation
     * within twelve weeks names no structure. A baseline weighs nothing: base rates are of knees with a complaint.
     */
    private function isWithheld(Condition $condition): bool
    {
        $operated = $this->examination->episode->operated;
        $known = $this->examination->known;
        if ($this->isReplaced($condition) || $this->examination->route->isBaseline() || $known->isHealing($condition)) {
            return true;
        }
        $isRecent = $this->examination->safety->isTrue(SafetyKey::RecentSurgery) || $operated?->isRecent() === true;
        if ($known->namesTreatment() && (! $isRecent || $known->wasOperatedLately())) {
            return false;
        }
        if ($operated?->structure !== null) {
            return $operated->structure === $condition
                && ($operated->isHealing() || KnownResults::neverAsBefore($condition));
        }

        return $isRecent;
    }

    /** What a joint replacement took away; of a partial one, that compartment's meniscus, or both where none is named. */
    private function isReplaced(Condition $condition): bool
    {
        $named = $this->examination->episode->operated?->structure;
        $menisci = [Condition::MedialMeniscus, Condition::LateralMeniscus];

        return match ($this->examination->episode->implant) {
            Implant::Total => true,
            Implant::Partial => \in_array($condition, \in_array($named, $menisci, true) ? [$named] : $menisci, true),
            default => false,
        };
    }

    /** Pain at the front has many sources: the chance alone does not make it patellofemoral. */
    private function actsOnly(Condition $condition): bool
    {
        return $condition !== Condition::PatellofemoralPain
            || ($this->results->hasOwnPositive($condition) && ! $this->front->isRefuted());
    }

    /** A collateral is only ruled out by a laxity test that was firm and free of pain, the lateral one at 30°. */
    private function hasNegative(Condition $condition): bool
    {
        foreach ($this->results->own($condition) as $result) {
            $reading = $result->reading;
            $firm = match ($condition) {
                Condition::Mcl => $this->results->signs->grades($reading->sign) === $condition && $reading->grade === 0,
                Condition::Lcl => $reading->sign === 'varus_30_laxity' && $reading->grade === 0,
                default => true,
            };
            $tooEarly = $result->isOfTheFirstDays() && $this->results->signs->isLaxity($reading->sign);
            if ($result->isNegative() && $firm && ! $reading->halfWeight && ! $tooEarly) {
                return true;
            }
        }

        return false;
    }

    private function thrustsTo(Condition $condition): bool
    {
        return match ($condition) {
            Condition::Lcl, Condition::Plc => $this->knee->is(Fact::ThrustsOutward),
            Condition::Mcl => $this->knee->is(Fact::ThrustsInward),
            default => false,
        };
    }
}

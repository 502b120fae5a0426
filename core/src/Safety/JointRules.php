<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\FluidDrawn;
use GrayCompass\Core\Findings\SafetyKey as Key;
use GrayCompass\Core\Knee\Family;

/**
 * What is wrong inside the joint. Limits are working estimates.
 *
 * @internal
 */
final readonly class JointRules extends RuleGroup
{
    private const EXTENSOR_DAYS = 42;

    private const SEVERE_PAIN = 7.0;

    private const AFTER_NEEDLE_WEEKS = 12;

    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        return [...$this->insideTheJoint(), ...$this->extensorAndMeniscus()];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function insideTheJoint(): array
    {
        $examination = $this->examination;
        $noInjury = ! $examination->isAfterInjury();
        $child = $examination->isChild();
        $needle = ($examination->episode->injectionWeeksAgo ?? PHP_INT_MAX) <= self::AFTER_NEEDLE_WEEKS;
        $hot = $this->warm && $this->fluid->isPositive();
        $hotAlone = $noInjury
            && $this->warm
            && $this->fluidGrade >= 2
            && (($examination->history->painNow ?? 0.0) >= self::SEVERE_PAIN || $child);
        $told = $examination->safety->isTrue(Key::FeverOrHotRedKnee)
            || $examination->episode->fluidDrawn === FluidDrawn::Cloudy;
        $infected = $told || $hotAlone || (($this->operatedLately() || $needle) && $hot);
        $unasked = ! $infected && $hot && ! $examination->safety->answered(Key::FeverOrHotRedKnee);
        $swollen = $noInjury && ($this->fluidGrade >= 2 || ($this->fluidGrade >= 1 && $this->warm));
        $restless = $this->warm && $this->signs->yes(Key::NightOrRestPain, Key::PainAtRest7);
        $seen = \max($this->knee->since(Fact::Warm) ?? -1, $this->fluid->at);
        $bleeds = $examination->episode->bleedingRisk && $this->fluid->isPositive() && $this->within(self::FRESH_DAYS);

        return [
            $this->line(
                Rule::JointInfection,
                Urgency::SameDay,
                $told ? -1 : ($infected ? $seen : null),
                Opens::firstAnd(Family::Fluid),
            ),
            $this->line(
                Rule::HotKneeUnasked,
                null,
                $unasked ? $seen : null,
                Opens::allBut(Family::Stress, Family::Twist, Family::Loaded),
            ),
            $this->line(
                Rule::SwellingWithoutInjury,
                $child || $restless ? Urgency::SameDay : Urgency::Days,
                $swollen ? $seen : null,
                Opens::allBut()->andFromProvocation(self::HIGH_PROVOCATION),
            ),
            $this->line(Rule::BleedingRisk, Urgency::SameDay, $bleeds ? $seen : null, Opens::all()),
        ];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function extensorAndMeniscus(): array
    {
        $longAgo = $this->examination->isAfterInjury() && ! $this->within(self::EXTENSOR_DAYS);

        return [
            $longAgo ? null : $this->told(
                Rule::ExtensorRupture,
                Urgency::SameDay,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
                Key::CannotStraightLegRaise,
            ),
            $this->told(
                Rule::LockedKnee,
                Urgency::Week,
                Opens::allBut(Family::Twist, Family::Loaded),
                Key::LockedShort,
            ),
        ];
    }
}

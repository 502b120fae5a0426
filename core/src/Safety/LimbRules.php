<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * The limb, its nerves, and what threatens from outside the joint. Limits are working estimates.
 *
 * @internal
 */
final readonly class LimbRules extends RuleGroup
{
    private const NERVE_NOW_DAYS = 7;

    private const PRESSURE_DAYS = 2;

    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        return [...$this->limbAndNerve(), ...$this->outsideTheJoint()];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function limbAndNerve(): array
    {
        $limb = [SafetyKey::PulseOrSensationLost, SafetyKey::DislocationSuspected, SafetyKey::ReducedOnItsOwn, SafetyKey::CalfTense];
        $tense = $this->examination->safety->isTrue(SafetyKey::CalfTense);
        $nerveDown = $this->signs->since(SafetyKey::FootDropped);
        $nerve = $this->within(self::NERVE_NOW_DAYS) ? Urgency::Emergency : Urgency::SameDay;
        $compartment = $this->isUnderPressure($nerveDown) ? 'compartment' : '';

        return [
            $this->line(
                SafetyRule::LimbThreat,
                Urgency::Emergency,
                $this->signs->since(...$limb),
                Opens::firstAnd(),
                $tense ? 'calf_tense' : '',
            ),
            $this->line(
                SafetyRule::NerveSign,
                $nerve,
                $nerveDown,
                Opens::allBut(Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded),
                $compartment,
            ),
            $this->line(
                SafetyRule::NerveOrBack,
                Urgency::Days,
                $this->knee->since(Fact::SensationNewElsewhere),
                Opens::all(),
            ),
            ...$this->afterTheFirstDays(),
        ];
    }

    /**
     * Pulse, ankle pressure and numbness where the first days are over, or nothing happened.
     *
     * @return list<SafetyLine|null>
     */
    private function afterTheFirstDays(): array
    {
        if ($this->within(self::FRESH_DAYS)) {
            return [];
        }
        $poor = $this->knee->since(Fact::FootPoor);
        $urgent = $poor ?? $this->knee->since(Fact::PressureVeryLow);
        $opens = Opens::allBut(Family::Loaded);

        return [
            $this->fading(
                SafetyRule::NerveOrBack,
                FadingFinding::CirculationOrFeeling,
                $this->knee->since(Fact::FootNumb),
                Opens::all(),
                Urgency::Days,
            ),
            $this->line(SafetyRule::PulseOld, Urgency::SameDay, $urgent, $opens),
            $this->fading(
                SafetyRule::PulseOld,
                FadingFinding::CirculationOrFeeling,
                $this->knee->since(Fact::PulseLost),
                $opens,
                Urgency::Days,
            ),
        ];
    }

    /**
     * Much pain with a nerve that fails, in the first days: the muscles of the lower leg may be under pressure.
     *
     * @param  int|null  $nerve  where the nerve was found to fail
     */
    private function isUnderPressure(?int $nerve): bool
    {
        return $nerve !== null
            && $this->within(self::PRESSURE_DAYS)
            && ($this->examination->history->painNow ?? 0.0) >= self::SEVERE_PAIN;
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function outsideTheJoint(): array
    {
        return [
            $this->answered(SafetyRule::OpenJoint, Urgency::Emergency, Opens::firstAnd(), SafetyKey::OpenWound),
            $this->answered(SafetyRule::ChestSigns, Urgency::Emergency, Opens::firstAnd(), SafetyKey::BreathlessOrChestPain),
            $this->answered(SafetyRule::KneecapOut, Urgency::Emergency, Opens::firstAnd(), SafetyKey::KneecapOutNow),
            $this->answered(
                SafetyRule::ClotSuspected,
                Urgency::SameDay,
                Opens::allBut(Family::Loaded)->andStation(Station::Prone),
                SafetyKey::CalfSwollenTender,
                SafetyKey::PittingOneSide,
            ),
        ];
    }
}

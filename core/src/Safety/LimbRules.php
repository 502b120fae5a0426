<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\SafetyKey as Key;
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
        $limb = [Key::PulseOrSensationLost, Key::DislocationSuspected, Key::ReducedOnItsOwn, Key::CalfTense];
        $tense = $this->examination->safety->isTrue(Key::CalfTense);
        $nerve = $this->within(self::NERVE_NOW_DAYS) ? Urgency::Emergency : Urgency::SameDay;
        $pulse = $this->within(self::FRESH_DAYS) ? null : $this->knee->since(Fact::PulseLost);
        $foot = $this->knee->is(Fact::FootPoor) ? Urgency::SameDay : Urgency::Days;

        return [
            $this->line(
                Rule::LimbThreat,
                Urgency::Emergency,
                $this->signs->since(...$limb),
                Opens::firstAnd(),
                $tense ? 'calf_tense' : '',
            ),
            $this->line(
                Rule::NerveSign,
                $nerve,
                $this->signs->since(Key::FootDropped),
                Opens::allBut(Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded),
            ),
            $this->line(
                Rule::NerveOrBack,
                Urgency::Days,
                $this->knee->since(Fact::SensationNewElsewhere),
                Opens::all(),
            ),
            $this->line(Rule::PulseOld, $foot, $pulse, Opens::allBut(Family::Loaded)),
        ];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function outsideTheJoint(): array
    {
        return [
            $this->told(Rule::OpenJoint, Urgency::Emergency, Opens::firstAnd(), Key::OpenWound),
            $this->told(Rule::ChestSigns, Urgency::Emergency, Opens::firstAnd(), Key::BreathlessOrChestPain),
            $this->told(Rule::KneecapOut, Urgency::Emergency, Opens::firstAnd(), Key::KneecapOutNow),
            $this->told(
                Rule::ClotSuspected,
                Urgency::SameDay,
                Opens::allBut(Family::Loaded)->andStation(Station::Prone),
                Key::CalfSwollenTender,
                Key::PittingOneSide,
            ),
        ];
    }
}

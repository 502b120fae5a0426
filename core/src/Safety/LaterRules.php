<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Family;

/**
 * What shows over days: hip, rest, swelling, shin, lumps. Limits are working estimates.
 *
 * @internal
 */
final readonly class LaterRules extends RuleGroup
{
    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        return [...$this->hip(), ...$this->later()];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function hip(): array
    {
        $limited = $this->signs->since(SafetyKey::LimpHipLimited);
        if (! $this->examination->isAtLeast(KneeExamination::GROWN_YEARS)) {
            return [$this->line(SafetyRule::HipFirst, Urgency::SameDay, $limited, Opens::firstAnd(Family::Fluid))];
        }
        $stiff = ! $this->examination->isAfterInjury() && $this->knee->is(Fact::Limps) && $this->knee->is(Fact::HipStiff);
        $seen = $stiff ? \max((int) $this->knee->since(Fact::HipStiff), (int) $this->knee->since(Fact::Limps)) : null;
        $ticked = $this->examination->safety->isTrue(SafetyKey::LimpHipLimited);

        return [$this->line(SafetyRule::HipCheck, Urgency::Days, $ticked ? -1 : $seen ?? $limited, Opens::allBut())];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function later(): array
    {
        $young = $this->examination->isGrowing() ? Urgency::SameDay : Urgency::Days;
        $old = ! $this->within(self::FRESH_DAYS) || $this->examination->dayIsMissing;
        $pressure = $this->within(2) && $this->signs->yes(SafetyKey::FootDropped, SafetyKey::CalfTense);
        $pulses = $this->knee->is(Fact::PulsingMass) && $this->knee->is(Fact::FootPoor);

        return [
            $old ? $this->answered(SafetyRule::RestPain, $young, Opens::all(), SafetyKey::NightOrRestPain) : $this->youngRestPain(),
            $this->line(
                SafetyRule::SeverePain,
                Urgency::SameDay,
                $this->signs->since(SafetyKey::PainAtRest7),
                Opens::allBut(Family::Loaded, Family::Pivot, Family::Twist),
                $pressure ? 'compartment' : '',
            ),
            $this->line(
                SafetyRule::RecentSurgery,
                Urgency::Routine,
                $this->operatedLately() ? -1 : null,
                Opens::allBut(Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded),
            ),
            $this->answered(SafetyRule::GeneralSwelling, Urgency::Days, Opens::all(), SafetyKey::PittingBoth),
            $this->answered(SafetyRule::BoneStress, Urgency::Days, Opens::allBut(), SafetyKey::ShinPainGrows),
            $this->line(SafetyRule::Lump, $pulses ? Urgency::SameDay : Urgency::Days, $this->knee->since(Fact::Lump), Opens::all()),
        ];
    }

    /** Soon after an injury, pain at night is read in the young where bone hurts; else as Verdict\ResultLines says. */
    private function youngRestPain(): ?SafetyLine
    {
        $sore = $this->examination->isGrowing() && $this->knee->is(Fact::BoneSore);

        return $sore ? $this->answered(
            SafetyRule::RestPain,
            $this->knee->is(Fact::Lump) ? Urgency::SameDay : Urgency::Days,
            Opens::all(),
            SafetyKey::NightOrRestPain,
        ) : null;
    }
}

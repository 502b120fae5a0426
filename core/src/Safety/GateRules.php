<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\FluidDrawn;
use GrayCompass\Core\Findings\FluidSigns;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\SafetyKey as Key;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * When each rule that ticks, looks and hands can raise applies, how urgent it is, and what it leaves
 * open; what is said stands in data/rules.json. Limits in days, years and pain are working estimates; the fracture rule is Stiell's
 * (1996). What only the results can raise stands in Verdict\ResultLines.
 *
 * @internal
 */
final readonly class GateRules
{
    private const FRESH_DAYS = 14;

    private const XRAY_TODAY_DAYS = 7;

    private const XRAY_AGE = 55;

    private const CHILD_AGE = 16;

    private const NERVE_NOW_DAYS = 7;

    private const EXTENSOR_DAYS = 42;

    private const SEVERE_PAIN = 7.0;

    private const AFTER_NEEDLE_WEEKS = 12;

    private const HIGH_PROVOCATION = 4;

    private HurtKnee $knee;

    private bool $warm;

    private float $fluidGrade;

    public function __construct(
        private Examination $examination,
        private Signs $signs,
        private FluidSigns $fluid,
        private RuleBook $book,
    ) {
        $this->knee = new HurtKnee($examination);
        $this->warm = $this->knee->is(Fact::Warm);
        $this->fluidGrade = $fluid->grade() ?? ($fluid->isPositive() ? 1.0 : 0.0);
    }

    /**
     * @return list<SafetyLine>
     */
    public function lines(): array
    {
        return array_values(array_filter([
            ...$this->limbAndNerve(),
            ...$this->outsideTheJoint(),
            ...$this->bone(),
            ...$this->insideTheJoint(),
            ...$this->extensorAndMeniscus(),
            ...$this->hip(),
            ...$this->later(),
        ]));
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

    /**
     * @return list<SafetyLine|null>
     */
    private function bone(): array
    {
        $examination = $this->examination;
        $fat = $examination->episode->fluidDrawn === FluidDrawn::BloodAndFat;
        $deformed = $this->signs->since(Key::Deformity);
        $broken = $deformed ?? ($fat ? -1 : $this->signs->since(Key::BoneCrepitus));
        $unimaged = ! $examination->safety->isTrue(Key::XrayClear);
        $questions = [Key::CannotTakeFourSteps, Key::CannotFlexTo90, Key::TenderPatellaAlone, Key::TenderFibularHead];
        $fractureRule = $this->within(self::FRESH_DAYS) && $unimaged ? $this->signs->since(...$questions) : null;
        $xray = $this->within(self::XRAY_TODAY_DAYS) ? Urgency::SameDay : Urgency::Days;
        $byAge = $this->within(self::XRAY_TODAY_DAYS)
            && $examination->isAtLeast(self::XRAY_AGE)
            && $unimaged
            && $fractureRule === null
            && ! $this->looksSound();
        $bleeding = Blood::likely($examination, $this->fluid) || $this->fluidGrade >= 2;
        $growing = $examination->isGrowing() && $this->within(self::FRESH_DAYS) && $unimaged && $bleeding;

        return [
            $this->line(
                Rule::FractureLikely,
                $deformed === null ? Urgency::SameDay : Urgency::Emergency,
                $broken,
                Opens::firstAnd(),
                $fat ? 'fat_drawn' : '',
            ),
            $this->line(
                Rule::FractureRulePositive,
                $xray,
                $fractureRule,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
                $examination->isGrowing() ? 'growing' : '',
            ),
            $this->line(
                Rule::AgeXray,
                Urgency::Days,
                $byAge ? -1 : null,
                Opens::allBut(Family::Pivot, Family::Twist)->andFromProvocation(self::HIGH_PROVOCATION),
            ),
            $this->line(
                Rule::GrowingBone,
                self::growingUrgency($examination),
                $growing ? $this->fluid->at : null,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
            ),
        ];
    }

    /** Bone that is likely hurt near a growth plate: today below 16 years. */
    public static function growingUrgency(Examination $examination): Urgency
    {
        return $examination->isUnder(self::CHILD_AGE) ? Urgency::SameDay : Urgency::Days;
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function insideTheJoint(): array
    {
        $examination = $this->examination;
        $noInjury = ! $examination->isAfterInjury();
        $child = $examination->isUnder(self::CHILD_AGE);
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

    /**
     * @return list<SafetyLine|null>
     */
    private function hip(): array
    {
        $told = $this->signs->since(Key::LimpHipLimited);
        if (! $this->examination->isAtLeast(Examination::GROWN_YEARS)) {
            return [$this->line(Rule::HipFirst, Urgency::SameDay, $told, Opens::firstAnd(Family::Fluid))];
        }
        $stiff = ! $this->examination->isAfterInjury() && $this->knee->is(Fact::Limps) && $this->knee->is(Fact::HipStiff);
        $seen = $stiff ? \max((int) $this->knee->since(Fact::HipStiff), (int) $this->knee->since(Fact::Limps)) : null;
        $ticked = $this->examination->safety->isTrue(Key::LimpHipLimited);

        return [$this->line(Rule::HipCheck, Urgency::Days, $ticked ? -1 : $seen ?? $told, Opens::allBut())];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function later(): array
    {
        $young = $this->examination->isGrowing() ? Urgency::SameDay : Urgency::Days;
        $old = ! $this->within(self::FRESH_DAYS);

        return [
            $old ? $this->told(Rule::RestPain, $young, Opens::all(), Key::NightOrRestPain) : null,
            $this->told(
                Rule::SeverePain,
                Urgency::SameDay,
                Opens::allBut(Family::Loaded, Family::Pivot, Family::Twist),
                Key::PainAtRest7,
            ),
            $this->line(
                Rule::RecentSurgery,
                Urgency::Routine,
                $this->operatedLately() ? -1 : null,
                Opens::allBut(Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded),
            ),
            $this->told(Rule::GeneralSwelling, Urgency::Days, Opens::all(), Key::PittingBoth),
            $this->told(Rule::BoneStress, Urgency::Days, Opens::allBut(), Key::ShinPainGrows),
            $this->line(Rule::Lump, Urgency::Days, $this->knee->since(Fact::Lump), Opens::all()),
        ];
    }

    /** All that the fracture rule looks at from 55 on was recorded, and is normal. */
    private function looksSound(): bool
    {
        $bends = $this->knee->is(Fact::BendLookedAt)
            && $this->signs->answered(Key::CannotFlexTo90)
            && ! $this->signs->yes(Key::CannotFlexTo90);

        return $bends
            && $this->knee->is(Fact::WalksFreely)
            && $this->knee->is(Fact::LandmarksSound)
            && $this->fluid->isNegative();
    }

    private function operatedLately(): bool
    {
        return $this->signs->yes(Key::RecentSurgery) || $this->examination->episode->operated?->isRecent() === true;
    }

    private function within(int $days): bool
    {
        return $this->examination->injuredWithin($days);
    }

    /** A line that an answer to any of these questions raises, ticked or found by hand. */
    private function told(Rule $rule, Urgency $urgency, Opens $opens, Key ...$keys): ?SafetyLine
    {
        return $this->line($rule, $urgency, $this->signs->since(...$keys), $opens);
    }

    /**
     * @param  int<-1, max>|null  $since  place in the document of what raises it; null: nothing does
     * @param  string  $as  a variant of what is said
     */
    private function line(Rule $rule, ?Urgency $urgency, ?int $since, Opens $opens, string $as = ''): ?SafetyLine
    {
        return $since === null
            ? null
            : new SafetyLine($rule, $urgency, $this->book->of($rule, $as), $since, $opens);
    }
}

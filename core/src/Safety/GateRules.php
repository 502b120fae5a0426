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
 * When each rule that ticks, looks and hands can raise applies, how urgent it is, what it leaves open, and
 * the words for it. Limits in days, years and pain are working estimates; the fracture rule is Stiell's
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

    public function __construct(private Examination $examination, private Signs $signs, private FluidSigns $fluid)
    {
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
            ...$this->later(),
        ]));
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function limbAndNerve(): array
    {
        $fresh = $this->examination->injuredWithin(self::FRESH_DAYS);
        $limb = [Key::PulseOrSensationLost, Key::DislocationSuspected, Key::ReducedOnItsOwn, Key::CalfTense];
        $tense = $this->examination->safety->isTrue(Key::CalfTense);

        return [
            $this->told($limb, Rule::LimbThreat, Urgency::Emergency, Opens::firstAnd(),
                'The limb may be in danger: splint it as found and send now. A pulse that can be felt does not '
                    .'exclude an injured artery; pulse, sensation and ankle lift every 15 minutes, and again over '
                    .'the next days.'
                .($tense ? ' The calf is tense: think of compartment pressure, and put nothing tight around '
                    .'the leg.' : '')),
            $this->told([Key::FootDropped], Rule::NerveSign, $this->examination->injuredWithin(self::NERVE_NOW_DAYS)
                ? Urgency::Emergency
                : Urgency::SameDay,
                Opens::allBut(Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded),
                'The common peroneal nerve may be hurt: the foot does not lift, or feels numb on top. Think of the '
                    .'lateral side and the posterolateral corner.'),
            $this->seen(Fact::SensationNewElsewhere, Rule::NerveOrBack, Urgency::Days, Opens::all(),
                'Sensation is newly altered, not as a fresh knee injury does it: a nerve further up, or the back.'),
            $fresh ? null : $this->seen(Fact::PulseLost, Rule::PulseOld, $this->knee->is(Fact::FootPoor)
                ? Urgency::SameDay
                : Urgency::Days,
                Opens::allBut(Family::Loaded), 'The pulse or the ankle pressure is low without a fresh injury: '
                    .'think of the arteries of the leg.'),
        ];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function outsideTheJoint(): array
    {
        return [
            $this->told([Key::OpenWound], Rule::OpenJoint, Urgency::Emergency, Opens::firstAnd(),
                'An open wound may reach the joint: cover it, do not probe it, nothing by mouth, send now.'),
            $this->told([Key::BreathlessOrChestPain], Rule::ChestSigns, Urgency::Emergency, Opens::firstAnd(),
                'Breathless, or pain in the chest: call an ambulance now and think of a clot in the lung, with or '
                    .'without signs in the calf.'),
            $this->told([Key::KneecapOutNow], Rule::KneecapOut, Urgency::Emergency, Opens::firstAnd(),
                'The patella is out: leave it where it is, support the leg as it lies, send now.'),
            $this->told([Key::CalfSwollenTender, Key::PittingOneSide], Rule::ClotSuspected, Urgency::SameDay,
                Opens::allBut(Family::Loaded)->andStation(Station::Prone),
                'A swollen, tender calf, or pitting on one side: think of a clot. No percussion, no prone '
                    .'positions, no loading.'),
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
        $broken = $fat ? -1 : $this->signs->since(Key::BoneCrepitus);
        $unimaged = ! $examination->safety->isTrue(Key::XrayClear);
        $questions = [Key::CannotTakeFourSteps, Key::CannotFlexTo90, Key::TenderPatellaAlone, Key::TenderFibularHead];
        $fractureRule = $examination->injuredWithin(self::FRESH_DAYS) && $unimaged && $this->signs->yes(...$questions);
        $xray = $examination->injuredWithin(self::XRAY_TODAY_DAYS) ? Urgency::SameDay : Urgency::Days;
        $byAge = $examination->injuredWithin(self::XRAY_TODAY_DAYS)
            && $examination->isAtLeast(self::XRAY_AGE)
            && $unimaged
            && ! $fractureRule
            && ! $this->looksSound();
        $bleeding = Blood::likely($examination, $this->fluid) || $this->fluidGrade >= 2;
        $growing = $examination->isGrowing() && $examination->injuredWithin(self::FRESH_DAYS) && $unimaged && $bleeding;

        return [
            $deformed === null && $broken === null ? null : new SafetyLine(
                Rule::FractureLikely,
                $deformed === null ? Urgency::SameDay : Urgency::Emergency,
                $fat
                    ? 'Blood with fat was drawn: a fracture into the joint is likely. Imaging before any testing.'
                    : 'Deformity or grating bone: imaging before any testing.',
                $deformed ?? (int) $broken,
                Opens::firstAnd(),
            ),
            $fractureRule ? $this->told($questions, Rule::FractureRulePositive, $xray,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
                'The fracture rule asks for an X-ray before the knee is loaded or pulled; then examine again.'
                .($examination->isGrowing() ? ' Under 18, think of a growth plate or a torn-off tibial spine until '
                    .'imaged.' : '')) : null,
            $byAge
                ? new SafetyLine(Rule::AgeXray, Urgency::Days, 'From 55 the fracture rule asks for an X-ray, unless '
                    .'gait, bend, bones and fluid are all normal.', -1,
                    Opens::allBut(Family::Pivot, Family::Twist)->andFromProvocation(self::HIGH_PROVOCATION)) : null,
            $growing ? new SafetyLine(Rule::GrowingBone, self::growingUrgency($examination),
                'Blood or much fluid in a growing knee: an X-ray first. Growth plate, tibial spine or sleeve '
                    .'avulsion until imaged.',
                $this->fluid->at,
                Opens::firstAnd(Family::Fluid)->andPalpation()) : null,
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
        $operated = $this->signs->yes(Key::RecentSurgery) || $examination->episode->operated?->isRecent() === true;
        $needle = ($examination->episode->injectionWeeksAgo ?? PHP_INT_MAX) <= self::AFTER_NEEDLE_WEEKS;
        $hot = $this->warm && $this->fluid->isPositive();
        $hotAlone = $noInjury
            && $this->warm
            && $this->fluidGrade >= 2
            && (($examination->history->painNow ?? 0.0) >= self::SEVERE_PAIN || $child);
        $told = $examination->safety->isTrue(Key::FeverOrHotRedKnee)
            || $examination->episode->fluidDrawn === FluidDrawn::Cloudy;
        $infected = $told || $hotAlone || (($operated || $needle) && $hot);
        $unasked = ! $infected && $hot && ! $examination->safety->answered(Key::FeverOrHotRedKnee);
        $swollen = $noInjury && ($this->fluidGrade >= 2 || ($this->fluidGrade >= 1 && $this->warm));
        $restless = $this->warm && $this->signs->yes(Key::NightOrRestPain, Key::PainAtRest7);
        $seen = \max($this->knee->since(Fact::Warm) ?? -1, $this->fluid->at);
        $bleeds = $examination->episode->bleedingRisk
            && $this->fluid->isPositive()
            && $examination->injuredWithin(self::FRESH_DAYS);
        $longAgo = $examination->isAfterInjury() && ! $examination->injuredWithin(self::EXTENSOR_DAYS);

        return [
            $infected ? new SafetyLine(Rule::JointInfection, Urgency::SameDay,
                'Think of an infected joint today: a hospital doctor. Gout looks alike and needs the same visit; '
                    .'never wait for a second look.',
                $told ? -1 : $seen, Opens::firstAnd(Family::Fluid)) : null,
            $unasked
                ? new SafetyLine(Rule::HotKneeUnasked, null, 'The knee is warm and swollen: ask for fever and look '
                    .'for redness now. The examination cannot be signed before.',
                    $seen, Opens::allBut(Family::Stress, Family::Twist, Family::Loaded)) : null,
            $swollen
                ? new SafetyLine(Rule::SwellingWithoutInjury, $child || $restless ? Urgency::SameDay : Urgency::Days,
                    'Fluid without an injury: a doctor finds out why before it is called a sports injury.', $seen,
                    Opens::allBut()->andFromProvocation(self::HIGH_PROVOCATION)) : null,
            $bleeds ? new SafetyLine(
                Rule::BleedingRisk,
                Urgency::SameDay,
                'Fluid after an injury in somebody who bleeds easily: a doctor today.',
                $seen,
                Opens::all(),
            ) : null,
            $longAgo ? null : $this->told(
                [Key::CannotStraightLegRaise],
                Rule::ExtensorRupture,
                Urgency::SameDay,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
                'The straight leg cannot be raised: quadriceps or patellar tendon torn, or the patella broken. Feel '
                    .'for a gap.',
            ),
            $this->told([Key::LockedShort], Rule::LockedKnee, Urgency::Week, Opens::allBut(Family::Twist, Family::Loaded),
                'The knee is locked short of straight: do not force it. A displaced meniscus tear is seen within '
                    .'a week.'),
        ];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function later(): array
    {
        $examination = $this->examination;
        $grown = $examination->isAtLeast(Examination::GROWN_YEARS);
        $noInjury = ! $examination->isAfterInjury();
        $stiffHip = $grown
            && $noInjury
            && $this->knee->is(Fact::Limps)
            && $this->knee->is(Fact::HipStiff);
        $old = ! $examination->injuredWithin(self::FRESH_DAYS);
        $told = $examination->safety->isTrue(Key::LimpHipLimited);
        $operatedLately = $examination->episode->operated?->isRecent() === true
            || $this->signs->yes(Key::RecentSurgery);

        return [
            $grown
                ? null
                : $this->told([Key::LimpHipLimited], Rule::HipFirst, Urgency::SameDay, Opens::firstAnd(Family::Fluid),
                    'A limp with a stiff hip in the young: X-ray of the hip today, no weight on the leg until then.'),
            $grown && ($stiffHip || $this->signs->yes(Key::LimpHipLimited)) ? new SafetyLine(
                Rule::HipCheck,
                Urgency::Days,
                'A limp with a stiff hip: look at the hip before the knee is blamed. No hopping.',
                $stiffHip && ! $told ? $this->lastOf(Fact::HipStiff, Fact::Limps) : -1,
                Opens::allBut(),
            ) : null,
            $old
                ? $this->told([Key::NightOrRestPain], Rule::RestPain, $examination->isGrowing()
                    ? Urgency::SameDay
                    : Urgency::Days, Opens::all(),
                    'Pain at night or at rest: an X-ray and a doctor before it is called a sports injury.') : null,
            $this->told([Key::PainAtRest7], Rule::SeverePain, Urgency::SameDay, Opens::allBut(
                Family::Loaded, Family::Pivot, Family::Twist,
            ),
                'Pain of 7 or more at rest: a doctor finds out today why it hurts so much.'),
            $operatedLately ? new SafetyLine(
                Rule::RecentSurgery,
                Urgency::Routine,
                "Operated within 12 weeks: the surgeon's protocol decides what may be tested.",
                -1,
                Opens::allBut(
                    Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded,
                ),
            ) : null,
            $this->told(
                [Key::PittingBoth],
                Rule::GeneralSwelling,
                Urgency::Days,
                Opens::all(),
                'Swelling that keeps a dent on both sides is not a knee problem: a doctor within days.',
            ),
            $this->told([Key::ShinPainGrows], Rule::BoneStress, Urgency::Days, Opens::allBut(),
                'Shin pain that grows with running, lingers after a tap, or sits at one point: imaging for a stress '
                    .'injury of the bone before any hopping or running.'),
            $this->seen(
                Fact::Lump,
                Rule::Lump,
                Urgency::Days,
                Opens::all(),
                'A lump that is hard, grows or pulses: a doctor and imaging.',
            ),
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

    /**
     * @param  list<Key>  $keys
     */
    private function told(array $keys, Rule $rule, Urgency $urgency, Opens $opens, string $say): ?SafetyLine
    {
        $since = $this->signs->since(...$keys);

        return $since === null ? null : new SafetyLine($rule, $urgency, $say, $since, $opens);
    }

    /** A line that a finding raises, from where it was found. */
    private function seen(Fact $fact, Rule $rule, Urgency $urgency, Opens $opens, string $say): ?SafetyLine
    {
        $since = $this->knee->since($fact);

        return $since === null ? null : new SafetyLine($rule, $urgency, $say, $since, $opens);
    }

    /** Where the last of these stands in the document. */
    private function lastOf(Fact ...$facts): int
    {
        return \max([-1, ...array_map(fn (Fact $fact): int => $this->knee->since($fact) ?? -1, array_values($facts))]);
    }
}

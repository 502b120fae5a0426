<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Findings\SafetyKey as Key;

/** When each rule of the gate applies, how urgent it is, and the words for it. */
final class GateRules
{
    private const FRACTURE_RULE_DAYS = 7;

    private const FRACTURE_RULE_AGE = 55;

    private const ADULT = 18;

    private const HIP_AGES = [8, 17];

    /**
     * @param  list<Record>  $records  those that may speak: a finding only blocks what follows it
     * @return list<SafetyLine>
     */
    public static function lines(Examination $examination, array $records): array
    {
        $seen = new Seen($records, $examination->hurtSide);

        return array_values(array_filter([
            ...self::emergencies($examination, $seen),
            ...self::sameDay($examination, $seen),
            ...self::later($examination, $seen),
        ]));
    }

    /**
     * @return list<SafetyLine|null>
     */
    private static function emergencies(Examination $examination, Seen $seen): array
    {
        $safety = $examination->safety;
        $limb = $safety->isTrue(Key::PulseOrSensationLost, Key::DislocationSuspected, Key::ReducedOnItsOwn, Key::CalfTense)
            || $seen->word('distal_pulse', 'result', 'abnormal') || $seen->word('sensation', 'result', 'abnormal');
        $nerve = $safety->isTrue(Key::FootDropped) || $seen->word('ankle_lift', 'result', 'abnormal');

        return [
            self::line($limb, Rule::LimbThreat, Urgency::Emergency, 'The limb may be in danger: splint it as found and send now. A pulse that can be felt does not exclude an injured artery; pulse, sensation and ankle lift are checked again over the next days.'),
            self::line($nerve, Rule::NerveSign, $examination->injuredWithin(7) ? Urgency::Emergency : Urgency::SameDay, 'The foot does not lift: the nerve at the fibular head may be hurt. Think of the lateral side and the posterolateral corner.'),
            self::line($safety->isTrue(Key::OpenWound), Rule::OpenJoint, Urgency::Emergency, 'An open wound may reach the joint: cover it, do not probe it, send now.'),
            self::line($safety->isTrue(Key::BreathlessOrChestPain) && $safety->isTrue(Key::CalfSwollenTender), Rule::ChestSigns, Urgency::Emergency, 'A swollen calf with breathlessness or chest pain: call emergency help now, think of a clot in the lung.'),
            self::line($safety->isTrue(Key::KneecapOutNow), Rule::KneecapOut, Urgency::Emergency, 'The kneecap is out: do not push it, support the leg as it lies, send now.'),
        ];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private static function sameDay(Examination $examination, Seen $seen): array
    {
        $safety = $examination->safety;
        $minor = $examination->ageYears !== null && $examination->ageYears < self::ADULT;
        $youngHip = $examination->ageYears !== null && $examination->ageYears >= self::HIP_AGES[0] && $examination->ageYears <= self::HIP_AGES[1];

        return [
            self::line($safety->isTrue(Key::Deformity, Key::BoneCrepitus), Rule::FractureLikely, Urgency::SameDay, 'Deformity or grating bone: imaging before any testing.'),
            self::line(self::fractureRule($examination), Rule::FractureRulePositive, Urgency::SameDay, $minor
                ? 'The fracture rule asks for an X-ray today. Under 18, think of a growth plate or a torn-off tibial spine until imaged.'
                : 'The fracture rule asks for an X-ray today, before the knee is loaded or pulled.'),
            self::line($safety->isTrue(Key::FeverOrHotRedKnee), Rule::JointInfection, Urgency::SameDay, 'Fever, or a hot red knee: think of an infected joint today. Gout looks alike and needs the same visit.'),
            self::line($safety->isTrue(Key::CannotStraightLegRaise) && $examination->isAfterInjury(), Rule::ExtensorRupture, Urgency::SameDay, 'The straight leg cannot be raised after an injury: the quadriceps or patellar tendon, or the kneecap, may be torn or broken.'),
            self::line($safety->isTrue(Key::CalfSwollenTender, Key::PittingOneSide), Rule::ClotSuspected, Urgency::SameDay, 'A swollen, tender calf or pitting on one side: think of a clot. No percussion, no prone positions, no loading.'),
            self::line($safety->isTrue(Key::LimpHipLimited) || ($youngHip && $seen->flag('hip_screen', 'inwardRotationLimited')), Rule::HipFirst, Urgency::SameDay, 'A limp with a stiff hip at this age: X-ray of the hip today, no weight on the leg until then.'),
            self::line($safety->isTrue(Key::PainAtRest7), Rule::SeverePain, Urgency::SameDay, 'Pain of 7 or more at rest: find out why it hurts so much before testing on.'),
        ];
    }

    /**
     * @return list<SafetyLine|null>
     */
    private static function later(Examination $examination, Seen $seen): array
    {
        $safety = $examination->safety;
        $minor = $examination->ageYears !== null && $examination->ageYears < self::ADULT;
        $lingers = $seen->flag('tibial_percussion', 'lingeringPain') || $seen->flag('tibial_vibration', 'lingeringPain');

        return [
            self::line($safety->isTrue(Key::NightOrRestPain), Rule::RestPain, $minor ? Urgency::SameDay : Urgency::Days, 'Pain at night or at rest: an X-ray and a doctor before it is called a sports injury.'),
            self::line($safety->isTrue(Key::LockedShort), Rule::LockedKnee, Urgency::Days, 'The knee is locked short of straight: do not force it. A displaced meniscus tear is seen within days.'),
            self::line($safety->isTrue(Key::RecentSurgery), Rule::RecentSurgery, Urgency::Routine, "Operated within 12 weeks: the surgeon's protocol decides what may be tested."),
            self::line($safety->isTrue(Key::PittingBoth), Rule::GeneralSwelling, Urgency::Days, 'Swelling that keeps a dent on both sides is not a knee problem: a doctor within days.'),
            self::line($safety->isTrue(Key::ShinPainGrows) || $lingers, Rule::BoneStress, Urgency::Days, 'Shin pain that grows with running, or lingers after a tap: imaging for a stress injury of the bone before any hopping or running.'),
        ];
    }

    private static function fractureRule(Examination $examination): bool
    {
        $safety = $examination->safety;

        return $examination->injuredWithin(self::FRACTURE_RULE_DAYS)
            && ! $safety->isTrue(Key::XrayClear)
            && ($safety->isTrue(Key::CannotTakeFourSteps, Key::CannotFlexTo90, Key::TenderPatellaAlone, Key::TenderFibularHead)
                || ($examination->ageYears ?? 0) >= self::FRACTURE_RULE_AGE);
    }

    private static function line(bool $applies, Rule $rule, Urgency $urgency, string $say): ?SafetyLine
    {
        return $applies ? new SafetyLine($rule, $urgency, $say) : null;
    }
}

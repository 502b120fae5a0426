<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Weighing\Further;
use GrayCompass\Core\Weighing\Zone;

/**
 * Who must be sent on, worst first. A condition is only sent on when it was tested or has reached the
 * point of acting: a base rate alone sends nobody anywhere.
 */
final class SendOn
{
    private const SURGEON = 'a knee surgeon';

    private const SCAN = 'a scan (MRI)';

    private const LIGAMENTS = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl];

    private const TORN = 3;

    private const LOOSE = 2;

    /**
     * @return list<Referral>
     */
    public static function of(Bearings $bearings): array
    {
        $referrals = array_values(array_filter([
            ...array_map(self::bySafety(...), $bearings->gate->lines),
            ...self::withinAWeek($bearings),
            ...self::blood($bearings),
            ...self::cruciates($bearings),
            ...self::stillOpen($bearings),
            self::when($bearings->atAct(Condition::PatellarInstability), self::SURGEON, Within::Routine, 'kneecap_unstable', 'An unstable kneecap is likely.'),
        ]));
        usort($referrals, static fn (Referral $a, Referral $b): int => $a->within->rank() <=> $b->within->rank());

        return $referrals;
    }

    private static function bySafety(SafetyLine $line): Referral
    {
        $to = match ($line->rule) {
            Rule::LimbThreat, Rule::MultiLigament, Rule::NerveSign, Rule::OpenJoint, Rule::ChestSigns, Rule::KneecapOut => 'the emergency department',
            Rule::FractureLikely, Rule::FractureRulePositive, Rule::HipFirst => 'an X-ray and a doctor',
            Rule::BoneStress => 'a doctor, for imaging of the shin',
            Rule::RecentSurgery => 'the surgeon who operated',
            Rule::LockedKnee => self::SURGEON,
            Rule::RestPain => 'a doctor, with an X-ray',
            Rule::JointInfection, Rule::ExtensorRupture, Rule::ClotSuspected => 'a hospital doctor',
            Rule::SeverePain, Rule::BleedingRisk, Rule::GeneralSwelling => 'a doctor',
        };

        return new Referral($to, Within::by($line->urgency), $line->rule->value, $line->say);
    }

    /**
     * @return list<Referral|null>
     */
    private static function withinAWeek(Bearings $bearings): array
    {
        $history = $bearings->examination->history;
        $week = static fn (bool $applies, string $rule, string $why): ?Referral => self::when($applies, self::SURGEON, Within::Week, $rule, $why);
        $menisci = $bearings->atAct(Condition::MedialMeniscus, Condition::LateralMeniscus);
        $locks = $history->said(StoryItem::Locking) || $bearings->examination->safety->isTrue(SafetyKey::LockedShort);

        return [
            $week($bearings->atAct(Condition::Plc), 'corner_torn', 'A posterolateral corner injury is likely, and heals worse once late.'),
            $week($bearings->atAct(Condition::Lcl), 'outer_side_torn', 'An LCL injury is likely, seldom alone, and heals worse once late.'),
            $week($bearings->grade(Condition::Lcl) >= self::LOOSE, 'outer_side_loose', 'The lateral side opens, grade 2 or more.'),
            $week($bearings->grade(Condition::Mcl) >= self::TORN, 'inner_side_torn', 'The MCL is loose, grade 3.'),
            $week($bearings->countAtAct(...self::LIGAMENTS) >= 2, 'two_ligaments', 'Two ligaments are likely torn.'),
            $week($bearings->isMinor() && $bearings->standing->counted('lachman') === Sign::Positive, 'young_lachman', 'A positive Lachman under 18: think of a torn-off tibial spine and of the growth plates.'),
            $week($history->said(StoryItem::FirstDislocation) && $bearings->hasFluid(), 'first_dislocation', 'A first patellar dislocation with fluid: a piece of cartilage may be loose.'),
            $week($menisci && $locks, 'meniscus_locks', 'A meniscus tear is likely and the knee locks.'),
        ];
    }

    /**
     * Blood in the joint that nothing explains yet.
     *
     * @return list<Referral|null>
     */
    private static function blood(Bearings $bearings): array
    {
        $unexplained = $bearings->grading->effusion?->bloodLikely === true && ! $bearings->atAct(...Condition::cases());
        $why = 'Blood in the joint is likely, and nothing found so far explains it.';

        return [
            self::when($unexplained, 'an X-ray', Within::Days, 'blood_unexplained', $why),
            self::when($unexplained, self::SCAN, Within::TwoWeeks, 'blood_unexplained', $why),
        ];
    }

    /**
     * @return list<Referral|null>
     */
    private static function cruciates(Bearings $bearings): array
    {
        return array_map(static fn (Condition $condition): ?Referral => self::when(
            $bearings->atAct($condition), self::SURGEON, Within::TwoWeeks, "{$condition->value}_likely", self::sentence($condition, 'is likely'),
        ), [Condition::Acl, Condition::Pcl]);
    }

    /**
     * After an injury, what no test left here could settle.
     *
     * @return list<Referral|null>
     */
    private static function stillOpen(Bearings $bearings): array
    {
        $referrals = [];
        foreach ($bearings->verdicts as $verdict) {
            $open = $bearings->examination->isAfterInjury() && $verdict->tested
                && $verdict->zone === ConditionZone::Investigate && ! self::waits($verdict) && $verdict->chance->further === Further::NoneWouldChange;
            $soon = in_array($verdict->condition, [Condition::Acl, Condition::Pcl, Condition::Plc], true);
            $referrals[] = self::when($open, self::SCAN, $soon ? Within::TwoWeeks : Within::Routine, "{$verdict->condition->value}_open",
                self::sentence($verdict->condition, 'stays open, and no test here would settle it'));
        }

        return $referrals;
    }

    /** Low already, and open only because the knee is to be looked at again: that comes before any scan. */
    private static function waits(ConditionVerdict $verdict): bool
    {
        return $verdict->unsettled && $verdict->chance->zone === Zone::RuledOut;
    }

    private static function when(bool $applies, string $to, Within $within, string $rule, string $why): ?Referral
    {
        return $applies ? new Referral($to, $within, $rule, $why) : null;
    }

    private static function sentence(Condition $condition, string $rest): string
    {
        return ucfirst("{$condition->withArticle()} {$rest}.");
    }
}

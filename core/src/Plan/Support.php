<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What the knee may wear, why, for how long and in what range, what that costs, and whether crutches go with it.
 * Working estimates.
 *
 * @internal
 */
final readonly class Support
{
    private const FRESH_DISLOCATION_DAYS = 3;

    private const PCL_SPLINT_DAYS = 42;

    /** A firm, sore inner side wears a sleeve where a sprain is at least as likely as not. */
    private const SLEEVE_FROM = 0.5;

    private const AS_FOUND = [
        SafetyRule::LimbThreat, SafetyRule::OpenJoint, SafetyRule::FractureLikely, SafetyRule::MultiLigament, SafetyRule::KneecapOut,
        SafetyRule::FractureRulePositive, SafetyRule::FractureSuspected, SafetyRule::GrowingBone,
    ];

    private const HELD_STRAIGHT = [SafetyRule::NerveSign, SafetyRule::ExtensorRupture, SafetyRule::ExtensorLate];

    /**
     * @param  SupportRange|null  $range  null where none is set
     */
    private function __construct(
        public SupportType $type,
        public string $why,
        public ?SupportRange $range,
        public bool $crutches,
    ) {
    }

    /** A safety line decides; else the most protective of the reasons that apply. */
    public static function of(Bearings $bearings, bool $crutches): self
    {
        [$type, $why, $range] = self::byLine($bearings) ?? self::byFinding($bearings) ?? [
            SupportType::None,
            'No finding needs a support.',
            null,
        ];
        $needed = ! \in_array(
            $type,
            [SupportType::None, SupportType::HingedSleeve, SupportType::FunctionalHinged],
            true,
        );

        return new self($type, $why, $range, $crutches || $needed);
    }

    public function isLocked(): bool
    {
        return $this->range === SupportRange::Locked;
    }

    public function cost(): string
    {
        return $this->type->cost();
    }

    /**
     * @return array{SupportType, string, SupportRange|null}|null
     */
    private static function byLine(Bearings $bearings): ?array
    {
        $imaged = $bearings->examination->safety->isTrue(SafetyKey::XrayClear);
        $late = array_filter(
            $bearings->gate->faded,
            static fn (SafetyLine $line): bool => $line->rule === SafetyRule::ExtensorLate,
        );
        foreach ([...$bearings->gate->lines, ...$late] as $line) {
            $shown = $imaged && $line->rule === SafetyRule::FractureSuspected;
            if (\in_array($line->rule, self::AS_FOUND, true) && ! $shown) {
                return [SupportType::AsFound, 'Keep the knee in the position found until it has been assessed.', null];
            }
            if (\in_array($line->rule, self::HELD_STRAIGHT, true) && $bearings->mayBeUnderPressure()) {
                return [SupportType::AsFound, 'Keep the knee in the position found, with nothing tight around the leg.', null];
            }
            if (\in_array($line->rule, self::HELD_STRAIGHT, true)) {
                return [SupportType::Immobiliser, 'Keep the knee straight until the cause is known.', null];
            }
        }

        return null;
    }

    /**
     * @return array{SupportType, string, SupportRange|null}|null
     */
    private static function byFinding(Bearings $bearings): ?array
    {
        $mcl = $bearings->grade(Condition::Mcl);
        $operated = $bearings->examination->episode->operated;
        $graft = $bearings->hasGraft()
            && $operated?->isHealing() === true
            && ! $operated->isRecent()
            && $bearings->examination->episode->surgeonSaid !== null
            && ! self::isGraftDoubted($bearings);
        $outer = $bearings->of(Condition::Plc)->isTreatedAsTorn() || $bearings->isOuterSideHurt();

        return match (true) {
            self::kneecapCameOut($bearings) => [
                SupportType::Immobiliser,
                'The patella has just been out: rest for a few days only.',
                SupportRange::FewDays,
            ],
            self::pcl($bearings) => [
                SupportType::ExtensionSplintCalfSupport,
                'A PCL tear is likely or felt: the calf is held up so that the shin does not sink back.',
                SupportRange::StraightToWeek6,
            ],
            $outer => [
                SupportType::HingedLimited,
                'The lateral side or the corner: locked straight until the surgeon has seen it.',
                SupportRange::Locked,
            ],
            $mcl >= 3 => [SupportType::HingedLimited, self::medial($bearings, 3), SupportRange::MedialGrade3],
            $mcl === 2 => [SupportType::HingedLimited, self::medial($bearings, 2), SupportRange::MedialGrade2],
            $graft => [
                SupportType::FunctionalHinged,
                'For a return to sport after a cruciate operation, as the surgeon plans.',
                null,
            ],
            self::sprainedButFree($bearings) => [
                SupportType::HingedSleeve,
                self::medial($bearings, 1),
                SupportRange::SomeWeeks,
            ],
            default => null,
        };
    }

    private static function medial(Bearings $bearings, int $grade): string
    {
        return $bearings->of(Condition::Mcl)->isTreatedAsTorn()
            ? "MCL sprain, grade {$grade}."
            : "If it is the MCL, then grade {$grade}.";
    }

    /** No sports brace on a graft that may be torn, or was not to be tested. */
    private static function isGraftDoubted(Bearings $bearings): bool
    {
        foreach ([Condition::Acl, Condition::Pcl] as $condition) {
            if ($bearings->isGraft($condition)
                && ($bearings->results->ofTheKneeNow->hasOwnPositive($condition) || $bearings->cannotBeRead($condition))) {
                return true;
            }
        }

        return $bearings->blood->isSuspected();
    }

    private static function kneecapCameOut(Bearings $bearings): bool
    {
        return ($bearings->dislocation->cameOut || $bearings->dislocation->bledAgain)
            && $bearings->examination->injuredWithin(self::FRESH_DISLOCATION_DAYS);
    }

    private static function pcl(Bearings $bearings): bool
    {
        return $bearings->examination->injuredWithin(self::PCL_SPLINT_DAYS)
            && ($bearings->of(Condition::Pcl)->isTreatedAsTorn() || $bearings->loose->cruciate(Condition::Pcl) !== null);
    }

    private static function sprainedButFree(Bearings $bearings): bool
    {
        $opens = array_filter(
            $bearings->signs->grading(Condition::Mcl),
            static fn (string $sign): bool => $bearings->positive($sign),
        );

        return $bearings->chance(Condition::Mcl) >= self::SLEEVE_FROM
            && $bearings->of(Condition::Mcl)->grade === 1
            && $opens === []
            && $bearings->knee->is(Fact::WalksFreely);
    }
}

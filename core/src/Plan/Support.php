<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
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
        public Sentence $why,
        public ?SupportRange $range,
        public bool $crutches,
    ) {
    }

    /** A safety line decides; else the most protective of the reasons that apply. */
    public static function of(Bearings $bearings, bool $crutches): self
    {
        [$type, $why, $range] = self::byLine($bearings) ?? self::byFinding($bearings) ?? [
            SupportType::None,
            new Sentence('support.none'),
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

    public function cost(): ?Sentence
    {
        return $this->type->cost();
    }

    /**
     * @return array{SupportType, Sentence, SupportRange|null}|null
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
                return [SupportType::AsFound, new Sentence('support.as_found'), null];
            }
            if (\in_array($line->rule, self::HELD_STRAIGHT, true) && $bearings->mayBeUnderPressure()) {
                return [SupportType::AsFound, new Sentence('support.nothing_tight'), null];
            }
            if (\in_array($line->rule, self::HELD_STRAIGHT, true)) {
                return [SupportType::Immobiliser, new Sentence('support.straight'), null];
            }
        }

        return null;
    }

    /**
     * @return array{SupportType, Sentence, SupportRange|null}|null
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
                new Sentence('support.patella'),
                SupportRange::FewDays,
            ],
            self::pcl($bearings) => [
                SupportType::ExtensionSplintCalfSupport,
                new Sentence('support.pcl'),
                SupportRange::StraightToWeek6,
            ],
            $outer => [
                SupportType::HingedLimited,
                new Sentence('support.lateral_side'),
                SupportRange::Locked,
            ],
            $mcl >= 3 => [SupportType::HingedLimited, self::medial($bearings, 3), SupportRange::MedialGrade3],
            $mcl === 2 => [SupportType::HingedLimited, self::medial($bearings, 2), SupportRange::MedialGrade2],
            $graft => [
                SupportType::FunctionalHinged,
                new Sentence('support.return_to_sport'),
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

    private static function medial(Bearings $bearings, int $grade): Sentence
    {
        return new Sentence(
            $bearings->of(Condition::Mcl)->isTreatedAsTorn() ? 'support.mcl' : 'support.perhaps_mcl',
            ['grade' => $grade],
        );
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

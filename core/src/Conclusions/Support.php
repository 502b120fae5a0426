<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Safety\Rule;

/** What the knee may wear, why, what that costs, and whether crutches go with it. */
final class Support
{
    private const FRESH_DISLOCATION_DAYS = 3;

    private const LIGAMENTS = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl];

    private function __construct(
        public readonly SupportType $type,
        public readonly string $why,
        public readonly bool $crutches,
    ) {
    }

    /** The most protective of the reasons that apply. */
    public static function of(Bearings $bearings): self
    {
        $reasons = [
            [SupportType::Immobiliser, self::needsHolding($bearings)],
            [SupportType::HingedLimited, $bearings->raised(Rule::RecentSurgery) ? "Operated within 12 weeks: the range is the surgeon's." : null],
            [SupportType::ExtensionSplintCalfSupport, $bearings->isFresh() && $bearings->atAct(Condition::Pcl) ? 'A fresh PCL tear is likely: the calf is held up so that the shin does not sink back.' : null],
            [SupportType::HingedLimited, self::looseSide($bearings)],
            [SupportType::FunctionalHinged, ! $bearings->isFresh() && $bearings->examination->isAfterInjury() && $bearings->atAct(Condition::Acl, Condition::Pcl) ? 'For a return to sport after a cruciate injury or repair, as the surgeon plans.' : null],
            [SupportType::HingedSleeve, self::sprainedButFree($bearings) ? 'The MCL is sprained, grade 1, firm straight and bent, and loading is free.' : null],
        ];
        foreach ($reasons as [$type, $why]) {
            if ($why !== null) {
                return new self($type, $why, self::needsCrutches($bearings));
            }
        }

        return new self(SupportType::None, 'Nothing found asks for it.', self::needsCrutches($bearings));
    }

    public function cost(): string
    {
        return $this->type->cost();
    }

    private static function needsHolding(Bearings $bearings): ?string
    {
        $safety = $bearings->examination->safety;
        $raise = $bearings->knee->word('straight_leg_raise', 'result') === 'unable' || $safety->isTrue(SafetyKey::CannotStraightLegRaise);
        $reduced = $bearings->examination->history->said(StoryItem::KneecapShifted)
            && $bearings->examination->injuredWithin(self::FRESH_DISLOCATION_DAYS)
            && ($bearings->hasFluid() || $bearings->examination->history->said(StoryItem::FirstDislocation));
        $unstable = $bearings->isFresh() && $bearings->countAtAct(...self::LIGAMENTS) >= 2
            && self::needsCrutches($bearings);

        return match (true) {
            $bearings->raised(Rule::MultiLigament), $safety->isTrue(SafetyKey::DislocationSuspected, SafetyKey::ReducedOnItsOwn) => 'The knee may have been out of joint: hold it still as found until others have decided, nothing tight around it.',
            $bearings->raised(Rule::FractureLikely) => 'A broken bone is likely: hold it still as found until it is imaged.',
            $raise => 'The straight leg cannot be raised: held straight until it is known why.',
            $reduced => 'The kneecap has just been out: rest for a few days only.',
            $unstable => 'Two ligaments are likely torn, walking is not free, and a decision is awaited.',
            default => null,
        };
    }

    private static function looseSide(Bearings $bearings): ?string
    {
        return match (true) {
            $bearings->grade(Condition::Mcl) >= 2, $bearings->grade(Condition::Lcl) >= 2 => 'A collateral ligament is loose, grade 2 or more.',
            $bearings->atAct(Condition::Plc) => 'A posterolateral corner injury is likely.',
            default => null,
        };
    }

    /** Grade 1 on the inner side, firm in both positions, and at least one loaded task done without pain. */
    private static function sprainedButFree(Bearings $bearings): bool
    {
        $firm = CollateralReading::sign($bearings->standing, 'valgus_0_laxity') === Sign::Negative
            && CollateralReading::sign($bearings->standing, 'valgus_30_laxity') === Sign::Negative;
        $loaded = array_filter($bearings->examination->records, static fn (Record $record): bool => $record->manoeuvre->family === Family::Loaded
            && $record->side !== $bearings->examination->hurtSide->opposite() && $record->notDone === null);
        $painful = array_filter($loaded, static fn (Record $record): bool => ($record->pain() ?? 0.0) > 0
            || $record->flag('painFront') === true || $record->flag('painAt30') === true || $record->flag('afraid') === true || $record->flag('givesWay') === true);

        return $bearings->of(Condition::Mcl)->grade === 1 && $firm && $loaded !== [] && $painful === [];
    }

    private static function needsCrutches(Bearings $bearings): bool
    {
        return $bearings->knee->word('gait', 'pattern') === 'antalgic'
            || $bearings->examination->safety->isTrue(SafetyKey::CannotTakeFourSteps);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Safety\BoneRules;
use GrayCompass\Core\Safety\FadingFinding;
use GrayCompass\Core\Safety\Opens;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Inference\States\Belief;

/**
 * Safety lines that only the results can raise. They never change whether a stored result counts. Working estimates.
 *
 * @internal
 */
final readonly class ResultLines
{
    private const FRESH_DAYS = 14;

    private const OUTER_JOINT_CHANCE = 0.3;

    private const INNER_JOINT_CHANCE = 0.5;

    private const STRAIGHT_MM = 5.0;

    /**
     * @param  Belief  $belief  after all results, conditions in their order
     * @param  list<Condition>  $atAct  conditions whose chance reaches the point of acting
     */
    public function __construct(
        private KneeExamination $examination,
        private SafetyGate $gate,
        private SettledResults $results,
        private Loose $loose,
        private Belief $belief,
        private array $atAct,
    ) {
    }

    /**
     * @return list<SafetyLine>
     */
    public function lines(): array
    {
        if (! $this->examination->isAfterInjury()) {
            return array_filter([$this->hardEnd()]);
        }

        return array_values(array_filter([
            $this->severalLigaments(), $this->growingBone(), $this->hardEnd(), $this->restPain(),
        ]));
    }

    /** Whether any of these lines may hang on a chance: several ligaments, or pain at rest that an injury explains. */
    public static function dependOnChances(
        KneeExamination $examination,
        SafetyGate $gate,
        SettledResults $results,
    ): bool {
        $loose = array_filter(
            [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Lcl, Condition::Mcl],
            static fn (Condition $condition): bool => $results->hasOwnPositive($condition),
        );

        return $examination->isAfterInjury()
            && (\count($loose) > 1 || ($examination->isGrowing() && $gate->signs->yes(SafetyKey::NightOrRestPain)));
    }

    private function severalLigaments(): ?SafetyLine
    {
        $loose = array_values(array_filter(
            [Condition::Acl, Condition::Pcl],
            fn (Condition $condition): bool => $this->loose->cruciate($condition) !== null,
        ));
        $second = false;
        foreach ($loose as $cruciate) {
            $second = $second
                || \count($loose) === 2
                || $this->outerSideToo($cruciate)
                || $this->innerSideToo($cruciate);
        }
        if (! $second) {
            return null;
        }
        $atTheFoot = $this->gate->signs->yes(SafetyKey::PulseOrSensationLost, SafetyKey::FootDropped)
            || (new HurtKnee($this->examination))->is(Fact::PulseLost);
        $urgency = $atTheFoot ? Urgency::Emergency : $this->byDay(FadingFinding::SeveralLigaments);

        $rule = $urgency?->isWorseThan(Urgency::Week) === true ? SafetyRule::MultiLigament : SafetyRule::TwoLigaments;

        return $urgency === null ? null : SafetyLine::fading(
            $rule,
            $urgency,
            $this->gate->book->of($rule),
            $this->lastPositive(),
            Opens::firstAnd(Family::Fluid),
        );
    }

    private function byDay(FadingFinding $finding): ?Urgency
    {
        return $this->gate->book->steps->on($finding, $this->examination->daysSinceInjury ?? 0);
    }

    /** What opens or slides to a hard end is bone, not a ligament. */
    private function hardEnd(): ?SafetyLine
    {
        $hard = array_filter(
            $this->results->results,
            static fn (SettledResult $result): bool => $result->exclusion === Exclusion::BoneEnd,
        );
        if ($hard === []) {
            return null;
        }
        $imaged = $this->examination->safety->isTrue(SafetyKey::XrayClear);
        $urgency = $this->byDay($imaged ? FadingFinding::FractureSignImaged : FadingFinding::HardEnd);
        $late = $imaged && $urgency === Urgency::TwoWeeks;
        $rule = $late ? SafetyRule::Stiff : SafetyRule::FractureSuspected;
        $undated = $this->examination->isAfterInjury() ? $urgency : Urgency::Days;

        return $undated === null ? null : SafetyLine::fading(
            $rule,
            $undated,
            $this->gate->book->of($rule, $imaged ? 'imaged' : 'hard_end'),
            \max(array_map(
                static fn (SettledResult $result): int => $result->reading->record->position ?? -1,
                $hard,
            )),
            Opens::firstAnd(Family::Fluid)->andPalpation(),
        );
    }

    /** Pain at night soon after an injury, in the young, with nothing in the knee that explains it. */
    private function restPain(): ?SafetyLine
    {
        $knee = new HurtKnee($this->examination);
        $explained = FluidSigns::in($this->examination)->isPositive() || array_filter(
            $this->atAct,
            fn (Condition $condition): bool => $this->results->hasOwnPositive($condition),
        ) !== [];
        $since = $this->gate->signs->since(SafetyKey::NightOrRestPain);
        if ($since === null || $explained || ! $this->examination->isGrowing()
            || ! $this->examination->injuredWithin(self::FRESH_DAYS)) {
            return null;
        }

        return new SafetyLine(
            SafetyRule::RestPain,
            $knee->is(Fact::Lump) ? Urgency::SameDay : Urgency::Days,
            $this->gate->book->of(SafetyRule::RestPain),
            $since,
            Opens::all(),
        );
    }

    private function outerSideToo(Condition $cruciate): bool
    {
        $open = $this->loose->opens(Condition::Lcl) || $this->results->hasOwnPositive(Condition::Plc);

        return $open && $this->joint($cruciate, Condition::Lcl, Condition::Plc) >= self::OUTER_JOINT_CHANCE;
    }

    /** Grade 3 by 5 mm or more with the knee straight, or without an end. */
    private function innerSideToo(Condition $cruciate): bool
    {
        $straight = $this->results->result('valgus_0_laxity');
        $open = $straight?->isPositive() === true
            && (($straight->reading->opened ?? 0.0) >= self::STRAIGHT_MM || $straight->reading->level === Level::Gross);

        return $open && $this->joint($cruciate, Condition::Mcl) >= self::INNER_JOINT_CHANCE;
    }

    /** P(this and any of those), in [0, 1]. */
    private function joint(Condition $one, Condition ...$any): float
    {
        return $this->belief->joint(
            $one->position(),
            array_map(static fn (Condition $condition): int => $condition->position(), array_values($any)),
        );
    }

    private function growingBone(): ?SafetyLine
    {
        if (! $this->examination->isGrowing() || $this->examination->safety->isTrue(SafetyKey::XrayClear)) {
            return null;
        }
        $families = [];
        $clear = $slight = false;
        foreach ($this->results->results as $result) {
            $of = $result->isPositive() ? $this->results->signs->grades($result->reading->sign) : null;
            if ($of === null) {
                continue;
            }
            $far = $result->reading->level?->isAtLeast(Level::Clear) === true;
            if ($far || $this->isTenderAtBone($of)) {
                [$clear, $slight] = [$clear || $far, true];
                $families[] = $of->isCruciate() ? Family::Drawer : Family::Stress;
            }
        }
        if (! $slight && ! $this->fluidAndLimp()) {
            return null;
        }

        $urgency = $this->byDay($clear ? BoneRules::growingFinding($this->examination) : FadingFinding::Growing);

        return $urgency === null ? null : SafetyLine::fading(
            SafetyRule::GrowingBone,
            $urgency,
            $this->gate->book->of(SafetyRule::GrowingBone, 'gives'),
            $this->lastPositive(),
            Opens::allBut(...$families),
        );
    }

    /** A collateral that gives a little is taken for a growth plate only where the bone is tender. */
    private function isTenderAtBone(Condition $ligament): bool
    {
        $knee = new HurtKnee($this->examination);

        return match ($ligament) {
            Condition::Mcl => $knee->tender('medial_epicondyle'),
            Condition::Lcl => $knee->tender('lateral_epicondyle'),
            default => true,
        };
    }

    private function fluidAndLimp(): bool
    {
        return (FluidSigns::in($this->examination)->grade() ?? 0.0) >= 1
            && (new HurtKnee($this->examination))->is(Fact::Limps);
    }

    /**
     * Where the last positive of a ligament stands in the document.
     *
     * @return int<-1, max>
     */
    private function lastPositive(): int
    {
        $places = array_map(
            fn (SettledResult $result): int => $this->isLigament($result) ? $result->reading->record->position
                ?? -1 : -1,
            $this->results->today->results,
        );

        return \max([-1, ...$places]);
    }

    private function isLigament(SettledResult $result): bool
    {
        $of = $this->results->signs->ownTestOf($result->reading->sign);

        return $result->isPositive() && $of !== null && $of->isLigament();
    }
}

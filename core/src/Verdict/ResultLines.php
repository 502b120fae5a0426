<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\FluidSigns;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Safety\BoneRules;
use GrayCompass\Core\Safety\Opens;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Core\Standing\StandingResult;
use GrayCompass\Inference\States\Belief;

/**
 * Safety lines that only the results can raise. They never change whether a stored result counts. Working estimates.
 *
 * @internal
 */
final readonly class ResultLines
{
    private const FRESH_DAYS = 14;

    private const EMERGENCY_DAYS = 3;

    private const OUTER_JOINT_CHANCE = 0.3;

    private const INNER_JOINT_CHANCE = 0.5;

    private const STRAIGHT_MM = 5.0;

    private const EARLY_FLUID_DAYS = 3;

    /**
     * @param  Belief  $belief  after all results, conditions in their order
     */
    public function __construct(
        private Examination $examination,
        private SafetyGate $gate,
        private Standing $standing,
        private Loose $loose,
        private Belief $belief,
    ) {
    }

    /**
     * @return list<SafetyLine>
     */
    public function lines(): array
    {
        if (! $this->examination->injuredWithin(self::FRESH_DAYS)) {
            return [];
        }

        return array_values(array_filter([$this->severalLigaments(), $this->growingBone()]));
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

        return new SafetyLine(
            Rule::MultiLigament,
            $atTheFoot
                || $this->examination->injuredWithin(self::EMERGENCY_DAYS) ? Urgency::Emergency : Urgency::SameDay,
            $this->gate->book->of(Rule::MultiLigament),
            $this->lastPositive(),
            Opens::firstAnd(Family::Fluid),
        );
    }

    private function outerSideToo(Condition $cruciate): bool
    {
        $open = $this->loose->opens(Condition::Lcl) || $this->standing->hasOwnPositive(Condition::Plc);

        return $open && $this->joint($cruciate, Condition::Lcl, Condition::Plc) >= self::OUTER_JOINT_CHANCE;
    }

    /** Grade 3 by 5 mm or more with the knee straight, or without an end. */
    private function innerSideToo(Condition $cruciate): bool
    {
        $straight = $this->standing->result('valgus_0_laxity');
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
        foreach ($this->standing->results as $result) {
            $of = $result->isPositive() ? $this->standing->signs->grades($result->reading->sign) : null;
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

        return new SafetyLine(
            Rule::GrowingBone,
            $clear ? BoneRules::growingUrgency($this->examination) : Urgency::Days,
            $this->gate->book->of(Rule::GrowingBone, 'gives'),
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
        return $this->examination->injuredWithin(self::EARLY_FLUID_DAYS)
            && (FluidSigns::in($this->examination)->grade() ?? 0.0) >= 1
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
            fn (StandingResult $result): int => $this->isLigament($result) ? $result->reading->record->position
                ?? -1 : -1,
            $this->standing->results,
        );

        return \max([-1, ...$places]);
    }

    private function isLigament(StandingResult $result): bool
    {
        $of = $this->standing->signs->ownTestOf($result->reading->sign);

        return $result->isPositive() && $of !== null && $of->isLigament();
    }
}

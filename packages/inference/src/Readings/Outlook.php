<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Echo\GroupLikelihood;
use GrayCompass\Inference\Model\Candidate;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\Factor;

/**
 * Weighs again with tests that are not done yet, as if they had come out one way or the other.
 *
 * @internal
 */
final class Outlook
{
    private const NOTHING = 1e-12;

    private const NO_SHIFT = 1e-18;

    /** @var array<string, GroupLikelihood> by group id */
    private array $groups = [];

    /** @var array<int, float> what is lost by acting on today's chance of each condition */
    private array $losses = [];

    /** @var array<int, float> bits that are not known of each condition today */
    private array $entropies = [];

    /**
     * @param  list<GroupLikelihood>  $groups
     * @param  array<int, float>  $now  chance of each condition today
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly Belief $today,
        array $groups,
        private readonly array $now,
    ) {
        foreach ($problem->conditions as $k => $condition) {
            $this->losses[] = $condition->thresholds->loss($now[$k]);
            $this->entropies[] = self::entropy($now[$k]);
        }
        foreach ($groups as $group) {
            $this->groups[$group->group->id] = $group;
        }
        foreach ($problem->candidates as $candidate) {
            $this->groups[$candidate->group] ??= new GroupLikelihood(new Group(
                $candidate->group,
                $candidate->echo,
                [],
            ));
        }
    }

    /**
     * Every candidate, the most useful minute first.
     *
     * @return list<NextTest>
     */
    public function ranked(): array
    {
        if ($this->problem->candidates === []) {
            return [];
        }
        $tests = array_map($this->consider(...), $this->problem->candidates);
        usort($tests, static fn (NextTest $a, NextTest $b): int => $b->valuePerMinute() <=> $a->valuePerMinute()
            ?: $b->bitsPerMinute() <=> $a->bitsPerMinute()
            ?: strcmp($a->candidate->finding->id, $b->candidate->finding->id));

        return $tests;
    }

    /**
     * Whether what is left could take a condition out of its zone.
     *
     * @param  list<NextTest>  $tests
     */
    public function further(int $condition, array $tests): Further
    {
        if ($tests === []) {
            return Further::NoneWouldChange;
        }
        $thresholds = $this->problem->conditions[$condition]->thresholds;
        $zone = $thresholds->zone($this->now[$condition]);
        $aimed = [];
        foreach ($tests as $test) {
            if (! ($test->candidate->finding->mask >> $condition & 1)) {
                continue;
            }
            $aimed[] = $test->candidate;
            if (
                $thresholds->zone($test->ifPositive[$condition]) !== $zone
                || $thresholds->zone($test->ifNegative[$condition]) !== $zone
            ) {
                return Further::SingleCould;
            }
        }
        if (\count($aimed) > 1) {
            foreach (Outcome::cases() as $outcome) {
                if ($thresholds->zone($this->together($aimed, $outcome, $condition)) !== $zone) {
                    return Further::OnlyTogether;
                }
            }
        }

        return Further::NoneWouldChange;
    }

    private function consider(Candidate $candidate): NextTest
    {
        $positive = $this->chancesAfter($candidate, Outcome::Positive);
        $negative = $this->chancesAfter($candidate, Outcome::Negative);
        $chance = $this->chancePositive($candidate, $positive, $negative);
        $value = $bits = 0.0;
        foreach ($this->problem->conditions as $k => $condition) {
            $limits = $condition->thresholds;
            $value += $condition->weight * ($this->losses[$k]
                - $chance * $limits->loss($positive[$k]) - (1 - $chance) * $limits->loss($negative[$k]));
            $bits += $this->entropies[$k]
                - $chance * self::entropy($positive[$k]) - (1 - $chance) * self::entropy($negative[$k]);
        }

        return new NextTest($candidate, $chance, self::visible($value), self::visible($bits), $positive, $negative);
    }

    /**
     * @return array<int, float>
     */
    private function chancesAfter(Candidate $candidate, Outcome $outcome): array
    {
        $change = $this->groups[$candidate->group]->changeBy([$candidate->finding], $outcome);
        $factors = array_map(exp(...), $change->log);
        $marginals = $this->today->marginals($change->mask);
        $total = 0.0;
        foreach ($marginals->all as $state => $chance) {
            $total += $chance * $factors[$state];
        }
        $chances = [];
        foreach ($this->now as $k => $_) {
            $present = 0.0;
            foreach ($marginals->present[$k] as $state => $chance) {
                $present += $chance * $factors[$state];
            }
            $chances[] = $present / $total;
        }

        return $chances;
    }

    /**
     * The chance of a condition if all these candidates came out the same way.
     *
     * @param  list<Candidate>  $candidates
     */
    private function together(array $candidates, Outcome $outcome, int $condition): float
    {
        $byGroup = [];
        foreach ($candidates as $candidate) {
            $byGroup[$candidate->group][] = $candidate->finding;
        }
        $changes = [];
        foreach ($byGroup as $group => $findings) {
            $changes[] = $this->groups[$group]->changeBy($findings, $outcome);
        }

        return $this->today->chanceWith(Factor::product($changes), $condition);
    }

    /**
     * The chance of a positive that keeps today's beliefs today's.
     *
     * @param  array<int, float>  $positive
     * @param  array<int, float>  $negative
     */
    private function chancePositive(Candidate $candidate, array $positive, array $negative): float
    {
        $above = $below = 0.0;
        foreach ($this->now as $k => $chance) {
            $swing = $positive[$k] - $negative[$k];
            $above += ($chance - $negative[$k]) * $swing;
            $below += $swing * $swing;
        }
        if ($below < self::NO_SHIFT) {
            $finding = $candidate->finding;
            $expected = 0.0;
            foreach ($this->today->over($finding->mask) as $state => $chance) {
                $expected += $chance * $finding->chances(Outcome::Positive)[$state];
            }

            return $expected;
        }

        return \min(\max($above / $below, 0.0), 1.0);
    }

    private static function entropy(float $chance): float
    {
        if ($chance <= 0.0 || $chance >= 1.0) {
            return 0.0;
        }

        return -($chance * \log($chance) + (1 - $chance) * \log(1 - $chance)) / M_LN2;
    }

    private static function visible(float $gain): float
    {
        return $gain < self::NOTHING ? 0.0 : $gain;
    }
}

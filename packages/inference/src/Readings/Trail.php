<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Echo\EchoRanking;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\Factor;
use GrayCompass\Inference\States\Moments;
use GrayCompass\Inference\States\StateSet;

/**
 * The way from base rates to today's chances, one result at a time in the order done.
 *
 * All states are walked once for a run of results that speak of few conditions together; between them only the few states
 * of those conditions are weighed. What a run has multiplied in is kept and goes into the next walk.
 *
 * @internal
 */
final class Trail
{
    /** Conditions of one run: more take longer to weigh again for each result than to walk all states for. */
    private const WIDE = 5;

    private const NO_WEIGHT = 1e-12;

    /** A run whose factors would leave this range ends, so that none is lost beside the others. */
    private const LARGE = 1e60;

    /** @var list<array{Result, Factor}> taken, and not weighed yet */
    private array $taken = [];

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<int, float> P(s) up to a constant */
    private array $states;

    /** @var array{array<int, int>, array<int, float>}|null places and factors of the last run, not multiplied in yet */
    private ?array $left = null;

    /** @var array<string, EchoRanking> what is weighed so far, by group and outcome */
    private array $rankings = [];

    /** @var array<int, array<int, int>> projections of all states, by set of conditions */
    private array $projections = [];

    private readonly int $conditions;

    public function __construct(Belief $before)
    {
        $this->conditions = $before->conditions;
        $this->states = $before->states();
    }

    /**
     * Weighs one more result.
     *
     * @param  Group  $group  the group that it belongs to
     */
    public function take(Result $result, Group $group): void
    {
        $key = "{$group->id} {$result->outcome->value}";
        $ranking = $this->rankings[$key] ?? EchoRanking::of([], $group->echo);
        $longer = $this->rankings[$key] = $ranking->with([$result]);
        $this->taken[] = [$result, $ranking->changeTo($longer)];
    }

    /**
     * For every result taken, a step for each condition that it has a row for.
     *
     * @return list<Step>
     */
    public function steps(): array
    {
        $this->weigh();

        return $this->steps;
    }

    /**
     * The chance of each condition after what was taken so far.
     *
     * @return list<float>
     */
    public function chances(): array
    {
        $this->weigh();
        $this->sums(0);
        $moments = Moments::of($this->states, $this->conditions);
        $chances = [];
        for ($condition = 0; $condition < $this->conditions; $condition++) {
            $odds = $moments->first[$condition] / $moments->absent[$condition];
            $chances[] = $odds / (1 + $odds);
        }

        return $chances;
    }

    private function weigh(): void
    {
        $run = [];
        $mask = 0;
        foreach ($this->taken as $taken) {
            $wider = $mask | $taken[1]->mask;
            if ($run !== [] && StateSet::size($wider) > self::WIDE) {
                $this->weighRun($mask, $run);
                [$run, $wider] = [[], $taken[1]->mask];
            }
            $run[] = $taken;
            $mask = $wider;
        }
        if ($run !== []) {
            $this->weighRun($mask, $run);
        }
        $this->taken = [];
    }

    /**
     * @param  int  $mask  all conditions that the results speak of
     * @param  non-empty-list<array{Result, Factor}>  $run
     */
    private function weighRun(int $mask, array $run): void
    {
        $weights = $this->sums($mask);
        $product = array_fill(0, \count($weights), 1.0);
        $projections = [];
        foreach ($run as [$result, $change]) {
            if (self::isLeavingRange($product)) {
                $this->leave($mask, $product, \array_sum($weights));
                $weights = $this->sums($mask);
                $product = array_fill(0, \count($weights), 1.0);
            }
            $places = $projections[$change->mask] ??= StateSet::projection($mask, $change->mask);
            $factors = $before = $after = [];
            foreach ($change->log as $log) {
                $factors[] = \exp($log - $change->log[0]);
                $before[] = $after[] = 0.0;
            }
            foreach ($places as $state => $local) {
                $before[$local] += $weights[$state];
                $after[$local] += $weights[$state] *= $factors[$local];
                $product[$state] *= $factors[$local];
            }
            foreach ($result->finding->rows as $row) {
                $bit = StateSet::size($change->mask & ((1 << $row->condition) - 1));
                $this->steps[] = self::step($result, $row, self::odds($before, $bit), self::odds($after, $bit));
            }
        }
        $this->leave($mask, $product, \array_sum($weights));
    }

    /**
     * @param  array<int, float>  $product
     */
    private static function isLeavingRange(array $product): bool
    {
        return \max(1.0, ...$product) > self::LARGE || \min(1.0, ...$product) < 1 / self::LARGE;
    }

    private static function step(Result $result, Row $row, float $before, float $after): Step
    {
        $published = $row->ratio($result->outcome);
        $applied = $after / $before;
        $shared = \count($result->finding->rows) > 1 || \abs(\log($published)) < self::NO_WEIGHT;

        return new Step(
            $row->condition,
            $result,
            $before / (1 + $before),
            $after / (1 + $after),
            $published,
            $applied,
            $shared ? null : 1 - \log($applied) / \log($published),
        );
    }

    /**
     * @param  array<int, float>  $chances  by local state
     */
    private static function odds(array $chances, int $bit): float
    {
        $sums = [0.0, 0.0];
        foreach ($chances as $state => $chance) {
            $sums[$state >> $bit & 1] += $chance;
        }

        return $sums[1] / $sums[0];
    }

    /**
     * Multiplies in what the last result left, and sums over the set in the same pass.
     *
     * @return array<int, float> by local state of the set
     */
    private function sums(int $mask): array
    {
        $sums = array_fill(0, 1 << StateSet::size($mask), 0.0);
        $projection = $this->projection($mask);
        $states = $this->states;
        // Held by one variable only, the list is changed in place instead of copied.
        $this->states = [];
        if ($this->left === null) {
            foreach ($projection as $state => $local) {
                $sums[$local] += $states[$state];
            }
        } else {
            [$places, $factors] = $this->left;
            foreach ($projection as $state => $local) {
                $sums[$local] += $states[$state] *= $factors[$places[$state]];
            }
        }
        $this->states = $states;
        $this->left = null;

        return $sums;
    }

    /**
     * Keeps factors for the next walk. Only odds are asked for, so the states are brought back to a sum of 1 only when
     * they would grow out of range.
     *
     * @param  array<int, float>  $factors  by local state of the set
     * @param  float  $total  what the states will sum to
     */
    private function leave(int $mask, array $factors, float $total): void
    {
        if ($total > self::LARGE || $total < 1 / self::LARGE) {
            $factors = array_map(static fn (float $factor): float => $factor / $total, $factors);
        }
        $this->left = [$this->projection($mask), $factors];
    }

    /**
     * @return array<int, int> local state of the set for each whole state
     */
    private function projection(int $mask): array
    {
        return $this->projections[$mask] ??= StateSet::projection((1 << $this->conditions) - 1, $mask);
    }
}

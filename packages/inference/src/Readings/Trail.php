<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Echo\EchoRanking;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\StateSet;

/**
 * The way from base rates to today's chances, one result at a time in the order done.
 *
 * @internal
 */
final class Trail
{
    private const NO_WEIGHT = 1e-12;

    private const LARGE = 1e60;

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<int, float> P(s) up to a constant */
    private array $states;

    /**
     * @var array{array<int, int>, array<int, float>}|null places and factors of the last result, not multiplied in
     * yet
     */
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
        $longer = $ranking->with([$result]);
        $this->rankings[$key] = $longer;
        $change = $ranking->changeTo($longer);
        $before = $this->sums($change->mask);
        $after = $factors = [];
        foreach ($before as $state => $weight) {
            $factors[$state] = \exp($change->log[$state] - $change->log[0]);
            $after[$state] = $weight * $factors[$state];
        }
        $this->leave($change->mask, $factors, \array_sum($after));
        foreach ($result->finding->rows as $row) {
            $bit = StateSet::size($change->mask & ((1 << $row->condition) - 1));
            $this->steps[] = self::step($result, $row, self::odds($before, $bit), self::odds($after, $bit));
        }
    }

    /**
     * For every result taken, a step for each condition that it has a row for.
     *
     * @return list<Step>
     */
    public function steps(): array
    {
        return $this->steps;
    }

    /**
     * The chance of each condition after what was taken so far.
     *
     * @return list<float>
     */
    public function chances(): array
    {
        $this->sums(0);
        $chances = [];
        for ($condition = 0; $condition < $this->conditions; $condition++) {
            $odds = self::odds($this->states, $condition);
            $chances[] = $odds / (1 + $odds);
        }

        return $chances;
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
        [$absent, $present] = StateSet::split($chances, $bit);

        return \array_sum($present) / \array_sum($absent);
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
     * Keeps factors for the next pass. Only odds are asked for, so the states are brought back to a sum of 1
     * only when they would grow out of range.
     *
     * @param  array<int, float>  $factors  by local state of the set; 1 for the state without any of them
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

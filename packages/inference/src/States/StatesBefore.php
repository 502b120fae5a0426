<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Problem;

/**
 * The chance of every combination of injuries before any result: associations multiply, then the
 * whole is fitted until each injury's own chance equals its base rate.
 * Injuries that no association connects are fitted apart, since they are independent.
 *
 * @internal
 */
final class StatesBefore
{
    /**
     * @return array<int, float> natural log of P(s), one for each of the 2ⁿ states
     */
    public static function log(Problem $problem): array
    {
        $states = [0.0];
        $placed = [];
        foreach (self::clusters($problem) as $cluster) {
            $apart = array_map(log(...), self::fitted($problem, $cluster));
            $next = [];
            foreach ($apart as $chance) {
                foreach ($states as $before) {
                    $next[] = $before + $chance;
                }
            }
            $states = $next;
            $placed = [...$placed, ...$cluster];
        }

        return $placed === array_keys($placed) ? $states : self::inOrder($states, $placed);
    }

    /**
     * The chances of the combinations in one cluster.
     *
     * @param  list<int>  $cluster
     * @return array<int, float>
     */
    private static function fitted(Problem $problem, array $cluster): array
    {
        $rates = [];
        foreach ($cluster as $at) {
            $rates[] = $problem->conditions[$at]->pretest;
        }
        if (\count($rates) === 1) {
            return [1 - $rates[0], $rates[0]];
        }
        if (\count($rates) === 2) {
            return PairFit::of($rates[0], $rates[1], self::oddsRatio($problem, $cluster[0]));
        }

        return MarginalFit::of(self::associated($problem, $cluster), $rates);
    }

    /** The odds ratio of the one association that a condition has. */
    private static function oddsRatio(Problem $problem, int $condition): float
    {
        foreach ($problem->associations as $association) {
            if ($association->first === $condition || $association->second === $condition) {
                return $association->oddsRatio;
            }
        }

        return 1.0;
    }

    /**
     * Sets of conditions connected by associations.
     *
     * @return list<list<int>>
     */
    private static function clusters(Problem $problem): array
    {
        $label = array_keys($problem->conditions);
        foreach ($problem->associations as $association) {
            [$from, $to] = [$label[$association->second], $label[$association->first]];
            foreach ($label as $position => $at) {
                $label[$position] = $at === $from ? $to : $at;
            }
        }
        $clusters = [];
        foreach ($label as $position => $at) {
            $clusters[$at][] = $position;
        }

        return array_values($clusters);
    }

    /**
     * The product of odds ratios of the associated pairs in each state, each injury at its own odds.
     *
     * @param  list<int>  $cluster
     * @return non-empty-array<int, float>
     */
    private static function associated(Problem $problem, array $cluster): array
    {
        $p = [1.0];
        foreach ($cluster as $position) {
            $odds = \exp(Logit::of($problem->conditions[$position]->pretest));
            foreach ($p as $without) {
                $p[] = $without * $odds;
            }
        }
        $bitOf = array_flip($cluster);
        foreach ($problem->associations as $association) {
            if (! isset($bitOf[$association->first], $bitOf[$association->second])) {
                continue;
            }
            $pair = 1 << $bitOf[$association->first] | 1 << $bitOf[$association->second];
            foreach ($p as $state => $chance) {
                if (($state & $pair) === $pair) {
                    $p[$state] = $chance * $association->oddsRatio;
                }
            }
        }

        return $p;
    }

    /**
     * @param  array<int, float>  $states  numbered by `$placed`: bit b stands for condition `$placed[b]`
     * @param  list<int>  $placed
     * @return array<int, float> numbered so that bit i stands for condition i
     */
    private static function inOrder(array $states, array $placed): array
    {
        $from = [0];
        $bitOf = array_flip($placed);
        foreach (array_keys($placed) as $condition) {
            foreach ($from as $state) {
                $from[] = $state | 1 << $bitOf[$condition];
            }
        }

        $ordered = [];
        foreach ($from as $state) {
            $ordered[] = $states[$state];
        }

        return $ordered;
    }
}

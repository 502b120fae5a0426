<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

/**
 * For a small set T of conditions: P(t), and P(t, k present) for each local state t and each condition k.
 *
 * @internal
 */
final readonly class Marginals
{
    /**
     * @param  array<int, float>  $all  by local state of T
     * @param  array<int, array<int, float>>  $present  by condition, then local state
     */
    private function __construct(
        public int $mask,
        public array $all,
        public array $present,
    ) {
    }

    /**
     * @param  array<int, float>  $states  P(s) over all 2ⁿ states
     */
    public static function of(array $states, int $conditions, int $mask): self
    {
        $summedOut = self::others($conditions, $mask);
        $present = [];
        foreach ($summedOut as $done => $condition) {
            $with = StateSet::having($states, $condition);
            $states = StateSet::without($states, $condition);
            for ($next = $done + 1; isset($summedOut[$next]); $next++) {
                $with = StateSet::without($with, $summedOut[$next]);
            }
            $present[$condition] = $with;
        }
        foreach (StateSet::members($mask) as $bit => $condition) {
            foreach ($states as $state => $chance) {
                $present[$condition][] = $state >> $bit & 1 ? $chance : 0.0;
            }
        }

        return new self($mask, $states, $present);
    }

    /**
     * P(t) alone, where no other condition is asked for.
     *
     * @param  array<int, float>  $states
     * @return array<int, float>
     */
    public static function sums(array $states, int $conditions, int $mask): array
    {
        foreach (self::others($conditions, $mask) as $condition) {
            $states = StateSet::without($states, $condition);
        }

        return $states;
    }

    /** The same for a smaller set of conditions, summed up from this one. */
    public function narrowedTo(int $mask): self
    {
        $present = $this->present;
        $all = $this->all;
        foreach (array_reverse(StateSet::members($this->mask), true) as $bit => $condition) {
            if ($mask >> $condition & 1) {
                continue;
            }
            $all = StateSet::without($all, $bit);
            foreach ($present as $k => $with) {
                $present[$k] = StateSet::without($with, $bit);
            }
        }

        return new self($mask, $all, $present);
    }

    /**
     * The conditions outside a set, last first.
     *
     * @return list<int>
     */
    private static function others(int $conditions, int $mask): array
    {
        return array_reverse(StateSet::members((1 << $conditions) - 1 & ~$mask));
    }
}

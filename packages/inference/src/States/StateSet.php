<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

/**
 * Small helpers for states written as bit sets of conditions.
 *
 * @internal
 */
final class StateSet
{
    /**
     * The conditions in a set, ascending.
     *
     * @return list<int>
     */
    public static function members(int $mask): array
    {
        $members = [];
        for ($position = 0; $mask >> $position > 0; $position++) {
            if ($mask >> $position & 1) {
                $members[] = $position;
            }
        }

        return $members;
    }

    public static function size(int $mask): int
    {
        return \count(self::members($mask));
    }

    /**
     * For each local state of the wide set, the local state of the narrow set that it implies.
     *
     * @param  int  $narrow  a subset of `$wide`
     * @return list<int>
     */
    public static function projection(int $wide, int $narrow): array
    {
        $map = [0];
        $bit = 1;
        foreach (self::members($wide) as $member) {
            $add = 0;
            if ($narrow >> $member & 1) {
                $add = $bit;
                $bit <<= 1;
            }
            foreach ($map as $local) {
                $map[] = $local | $add;
            }
        }

        return $map;
    }

    /** A set of conditions as a local state of the set `$mask`. */
    public static function local(int $mask, int $set): int
    {
        $local = 0;
        foreach (self::members($mask) as $position => $member) {
            $local |= ($set >> $member & 1) << $position;
        }

        return $local;
    }

    /**
     * Parts a table over local states by one bit.
     *
     * @param  array<int, float>  $states
     * @return array{array<int, float>, array<int, float>} the local states without and with this bit, both in order
     */
    public static function split(array $states, int $bit): array
    {
        $step = 1 << $bit;
        if (\count($states) === 2 * $step) {
            return [\array_slice($states, 0, $step), \array_slice($states, $step)];
        }
        $halves = [[], []];
        if ($step === 1) {
            foreach ($states as $state => $chance) {
                $halves[$state & 1][] = $chance;
            }

            return $halves;
        }
        foreach (array_chunk($states, \max(1, $step)) as $block => $chunk) {
            $halves[$block & 1][] = $chunk;
        }

        return [array_merge(...$halves[0]), array_merge(...$halves[1])];
    }

    /**
     * Sums a table over one bit.
     *
     * @param  array<int, float>  $states
     * @return array<int, float> by local state of the other bits
     */
    public static function without(array $states, int $bit): array
    {
        $step = 1 << $bit;
        $size = \count($states);
        $sums = [];
        for ($block = 0; $block < $size; $block += 2 * $step) {
            for ($state = $block; $state < $block + $step; $state++) {
                $sums[] = $states[$state] + $states[$state + $step];
            }
        }

        return $sums;
    }

    /**
     * Those with one bit alone.
     *
     * @param  array<int, float>  $states
     * @return array<int, float> by local state of the other bits
     */
    public static function having(array $states, int $bit): array
    {
        $step = 1 << $bit;
        $size = \count($states);
        if ($size === 2 * $step) {
            return \array_slice($states, $step);
        }
        $having = [];
        for ($block = $step; $block < $size; $block += 2 * $step) {
            for ($state = $block; $state < $block + $step; $state++) {
                $having[] = $states[$state];
            }
        }

        return $having;
    }

    /**
     * Sums two tables state by state.
     *
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b  as long as `$a`
     * @return array<int, float>
     */
    public static function add(array $a, array $b): array
    {
        foreach ($b as $state => $chance) {
            $a[$state] += $chance;
        }

        return $a;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

/**
 * A factor on the states of a few conditions, kept as natural logs so that many can be multiplied.
 *
 * @internal
 */
final readonly class Factor
{
    /** States in a table that costs more to walk than factors cost to sort. */
    private const WORTH_FOLDING = 32;

    /**
     * @param  int  $mask  set of condition positions
     * @param  array<int, float>  $log  one for each local state of the set
     */
    public function __construct(public int $mask, public array $log)
    {
    }

    /**
     * @param  list<self>  $factors
     */
    public static function product(array $factors): self
    {
        if (\count($factors) === 1) {
            return $factors[0];
        }
        $mask = 0;
        $log = null;
        foreach ($factors as $factor) {
            $log = match (true) {
                $mask === 0 => $factor->log,
                $log === null || $mask !== $factor->mask => null,
                default => StateSet::add($log, $factor->log),
            };
            $mask |= $factor->mask;
        }
        if ($log !== null) {
            return new self($mask, $log);
        }

        return new self($mask, self::onto($mask, $factors, array_fill(0, 1 << StateSet::size($mask), 0.0)));
    }

    /** This divided by another one over the same conditions. */
    public function without(self $other): self
    {
        $log = $this->log;
        foreach ($other->log as $state => $taken) {
            $log[$state] -= $taken;
        }

        return new self($this->mask, $log);
    }

    /**
     * Multiplies factors into a table over a wider set. Factors are folded into one another where one
     * spans the other, so that the wide table is walked as seldom as possible.
     *
     * @param  list<self>  $factors
     * @param  array<int, float>  $log
     * @return array<int, float>
     */
    public static function onto(int $mask, array $factors, array $log): array
    {
        foreach (\count($log) < self::WORTH_FOLDING ? $factors : self::folded($factors) as $factor) {
            $added = $factor->log;
            foreach (StateSet::projection($mask, $factor->mask) as $state => $local) {
                $log[$state] += $added[$local];
            }
        }

        return $log;
    }

    /**
     * @param  list<self>  $factors
     * @return list<self>
     */
    private static function folded(array $factors): array
    {
        $wide = [];
        usort($factors, static fn (self $a, self $b): int => \count($b->log) <=> \count($a->log));
        foreach ($factors as $factor) {
            foreach ($wide as $mask => $log) {
                if (($mask & $factor->mask) === $factor->mask) {
                    foreach (StateSet::projection($mask, $factor->mask) as $state => $local) {
                        $wide[$mask][$state] += $factor->log[$local];
                    }

                    continue 2;
                }
            }
            $wide[$factor->mask] = $factor->log;
        }

        return array_map(static fn (int $mask): self => new self($mask, $wide[$mask]), array_keys($wide));
    }
}

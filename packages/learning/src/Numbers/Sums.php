<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Numbers;

/**
 * Sums and means of lists.
 *
 * @internal
 */
final class Sums
{
    /** @param  non-empty-list<float>  $values */
    public static function mean(array $values): float
    {
        return \array_sum($values) / \count($values);
    }

    /**
     * Standard deviation with n − 1.
     *
     * @param  non-empty-list<float>  $values  two or more
     */
    public static function deviation(array $values): float
    {
        $mean = self::mean($values);

        return \sqrt(self::squares($values, $mean) / (\count($values) - 1));
    }

    /** @param  list<float>  $values */
    public static function squares(array $values, float $from = 0.0): float
    {
        return \array_sum(array_map(static fn (float $value): float => ($value - $from) ** 2, $values));
    }
}

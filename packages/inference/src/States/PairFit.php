<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

/**
 * The chances of the four combinations of two injuries, from the chance of each and the odds ratio
 * between them, in closed form (Plackett 1965). Each of the four is had by itself, by turning an
 * injury into its absence, so that the smallest keeps its digits beside the largest.
 *
 * @internal
 */
final class PairFit
{
    /**
     * @param  float  $first  chance of the first, in (0, 1)
     * @param  float  $second  chance of the second, in (0, 1)
     * @param  float  $oddsRatio  above 0
     * @return array{float, float, float, float} neither, first alone, second alone, both; summing to 1
     */
    public static function of(float $first, float $second, float $oddsRatio): array
    {
        return [
            self::both(1 - $first, 1 - $second, $oddsRatio),
            self::both($first, 1 - $second, 1 / $oddsRatio),
            self::both(1 - $first, $second, 1 / $oddsRatio),
            self::both($first, $second, $oddsRatio),
        ];
    }

    /** The smaller root of a·x² − s·x + r·p·q = 0 with a = r − 1, s = 1 + a(p + q), without cancellation. */
    private static function both(float $p, float $q, float $r): float
    {
        $a = $r - 1;
        $s = 1 + $a * ($p + $q);
        $root = $a > 0
            ? \sqrt(1 + 2 * $a * ($p * (1 - $q) + $q * (1 - $p)) + $a * $a * ($p - $q) * ($p - $q))
            : \sqrt($s * $s - 4 * $a * $r * $p * $q);

        return $s > 0 ? 2 * $r * $p * $q / ($s + $root) : ($s - $root) / (2 * $a);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

/**
 * The standard normal distribution, to about 1e-7 (Abramowitz and Stegun 1964, 26.2.17).
 *
 * @internal
 */
final class Normal
{
    private const COEFFICIENTS = [0.319381530, -0.356563782, 1.781477937, -1.821255978, 1.330274429];

    /** P(a standard normal is below x), in (0, 1). */
    public static function below(float $x): float
    {
        $t = 1 / (1 + 0.2316419 * \abs($x));
        $power = $t;
        $sum = 0.0;
        foreach (self::COEFFICIENTS as $coefficient) {
            $sum += $coefficient * $power;
            $power *= $t;
        }
        $tail = $sum * \exp(-$x * $x / 2) / \sqrt(2 * M_PI);

        return $x >= 0 ? 1 - $tail : $tail;
    }

    /** The x with this share below it, by bisection. */
    public static function quantile(float $share): float
    {
        [$low, $high] = [-8.0, 8.0];
        for ($step = 0; $step < 60; $step++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = self::below($middle) < $share ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }
}

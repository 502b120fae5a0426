<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Numbers;

use Closure;

/**
 * Quantiles, by halving until the two ends are neighbours: slow, and right to the last digit of the share.
 *
 * @internal
 */
final class Quantile
{
    /** Of the normal distribution, at 0.975. */
    public const Z95 = 1.959963984540054;

    private const HALVINGS = 200;

    /** Above every quantile that is asked for here. */
    private const FAR = 1e9;

    /** Of Beta(a, b), in [0, 1]. */
    public static function beta(float $share, float $a, float $b): float
    {
        return self::halve($share, 0, 1, static fn (float $x): float => Special::beta($x, $a, $b));
    }

    /** Of Student's t with so many degrees of freedom; a share above one half. */
    public static function t(float $share, float $degrees): float
    {
        return \sqrt(self::f(2 * $share - 1, 1, $degrees));
    }

    /** Of Fisher's F; degrees of freedom need not be whole. */
    public static function f(float $share, float $above, float $below): float
    {
        $x = self::beta($share, $above / 2, $below / 2);

        return $below * $x / ($above * (1 - $x));
    }

    public static function chiSquare(float $share, float $degrees): float
    {
        return self::halve($share, 0, self::FAR, static fn (float $x): float => Special::gamma($x / 2, $degrees / 2));
    }

    /** @param  Closure(float): float  $below  share below a value, growing */
    private static function halve(float $share, float $low, float $high, Closure $below): float
    {
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = ($low + $high) / 2;
            if ($middle === $low || $middle === $high) {
                break;
            }
            [$low, $high] = $below($middle) < $share ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }
}

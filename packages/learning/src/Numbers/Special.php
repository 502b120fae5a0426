<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Numbers;

/**
 * The gamma and beta functions, to about 1e-14. Lanczos' approximation with Godfrey's coefficients; continued fraction of
 * the beta function after Lentz; series and continued fraction of the gamma function (Abramowitz and Stegun 6.5).
 *
 * @internal
 */
final class Special
{
    private const G = 7.0;

    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
        12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    private const TERMS = 10_000;

    private const SMALL = 1e-16;

    private const TINY = 1e-300;

    /** ln Γ(x), x > 0. */
    public static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return \log(M_PI / sin(M_PI * $x)) - self::logGamma(1 - $x);
        }
        $x -= 1;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + self::G + 0.5;

        return 0.5 * \log(2 * M_PI) + ($x + 0.5) * \log($t) - $t + \log($sum);
    }

    /** ln B(a, b), a and b > 0. */
    public static function logBeta(float $a, float $b): float
    {
        return self::logGamma($a) + self::logGamma($b) - self::logGamma($a + $b);
    }

    /** The share of a beta distribution below x, in [0, 1]. */
    public static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0 || $x >= 1) {
            return $x <= 0 ? 0.0 : 1.0;
        }
        $front = \exp($a * \log($x) + $b * log1p(-$x) - self::logBeta($a, $b));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::betaFraction($x, $a, $b) / $a
            : 1 - $front * self::betaFraction(1 - $x, $b, $a) / $b;
    }

    /** The share of a gamma distribution with scale 1 below x, in [0, 1]. */
    public static function gamma(float $x, float $a): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        $front = \exp(-$x + $a * \log($x) - self::logGamma($a));
        if ($x >= $a + 1) {
            return 1 - $front * self::gammaFraction($x, $a);
        }
        $term = $sum = 1 / $a;
        for ($n = 1; $n < self::TERMS && \abs($term) > \abs($sum) * self::SMALL; $n++) {
            $term *= $x / ($a + $n);
            $sum += $term;
        }

        return $front * $sum;
    }

    private static function betaFraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::away(1 - ($a + $b) * $x / ($a + 1));
        $value = $d;
        for ($m = 1; $m < self::TERMS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $step = 1.0;
            foreach ([$even, $odd] as $part) {
                $d = 1 / self::away(1 + $part * $d);
                $c = self::away(1 + $part / $c);
                $step = $c * $d;
                $value *= $step;
            }
            if (\abs($step - 1) < self::SMALL) {
                break;
            }
        }

        return $value;
    }

    private static function gammaFraction(float $x, float $a): float
    {
        $b = $x + 1 - $a;
        $c = 1 / self::TINY;
        $value = $d = 1 / self::away($b);
        for ($n = 1; $n < self::TERMS; $n++) {
            $part = -$n * ($n - $a);
            $b += 2;
            $d = 1 / self::away($part * $d + $b);
            $c = self::away($b + $part / $c);
            $value *= $c * $d;
            if (\abs($c * $d - 1) < self::SMALL) {
                break;
            }
        }

        return $value;
    }

    private static function away(float $value): float
    {
        return \abs($value) < self::TINY ? self::TINY : $value;
    }
}

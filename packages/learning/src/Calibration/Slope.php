<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

use GrayCompass\Inference\Model\Logit;

/**
 * Intercept and slope of what was found on the log-odds that were told (Cox 1958), by maximum likelihood; where the
 * reference errs, of P(shown) = 1 − sp + (se + sp − 1)·expit(a + b·logit p). Errors are sandwich ones (HC0, White 1980).
 */
final readonly class Slope
{
    private const STEPS = 100;

    private const CLOSE = 1e-13;

    /** Log-odds beyond which nothing is likeliest. */
    private const BEYOND = 100.0;

    private const FLAT = 1e-12;

    /** No closer to 0 and 1, where both what is divided and by what would be gone. */
    private const NEARLY = 1e-15;

    /**
     * @param  float  $intercept  log-odds
     * @param  float  $slope  1: the chances are as extreme as they should be
     */
    private function __construct(
        public float $intercept,
        public float $interceptError,
        public float $slope,
        public float $slopeError,
    ) {
    }

    /**
     * Null: what was found can be told from the chances without error, or all were found alike, so that no slope is likeliest.
     *
     * @param  non-empty-list<Pair>  $pairs
     */
    public static function of(array $pairs, Reference $reference = new Reference): ?self
    {
        return self::fitted($pairs, $reference, isSloped: true);
    }

    /**
     * The intercept alone, with the slope held at 1. Null: all were found alike.
     *
     * @param  non-empty-list<Pair>  $pairs
     */
    public static function held(array $pairs, Reference $reference = new Reference): ?self
    {
        return self::fitted($pairs, $reference, isSloped: false);
    }

    /** @param  non-empty-list<Pair>  $pairs */
    private static function fitted(array $pairs, Reference $reference, bool $isSloped): ?self
    {
        $a = 0.0;
        $b = 1.0;
        $bread = [[1.0, 0.0], [0.0, 1.0]];
        for ($step = 0; $step < self::STEPS; $step++) {
            [$score, $information] = self::derivatives($pairs, $reference, $a, $b);
            $bread = self::inverse($information, $isSloped);
            if ($bread === null || \abs($a) + \abs($b) > self::BEYOND) {
                return null;
            }
            $moveA = $bread[0][0] * $score[0] + $bread[0][1] * $score[1];
            $moveB = $bread[1][0] * $score[0] + $bread[1][1] * $score[1];
            $a += $moveA;
            $b += $moveB;
            if (\abs($moveA) + \abs($moveB) < self::CLOSE) {
                break;
            }
        }
        $meat = self::meat($pairs, $reference, $a, $b);
        $variance = static fn (int $k): float => $bread[$k][0] ** 2 * $meat[0][0] + 2 * $bread[$k][0] * $bread[$k][1] * $meat[0][1]
            + $bread[$k][1] ** 2 * $meat[1][1];

        return new self($a, \sqrt($variance(0)), $b, \sqrt($variance(1)));
    }

    /**
     * @param  non-empty-list<Pair>  $pairs
     * @return array{array{float, float}, array{array{float, float}, array{float, float}}} score and expected information
     */
    private static function derivatives(array $pairs, Reference $reference, float $a, float $b): array
    {
        $score = [0.0, 0.0];
        $information = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($pairs as $pair) {
            [$x, $residual, $share] = self::terms($pair, $reference, $a, $b);
            $score[0] += $pair->weight * $residual;
            $score[1] += $pair->weight * $residual * $x;
            $information[0][0] += $pair->weight * $share;
            $information[0][1] += $pair->weight * $share * $x;
            $information[1][1] += $pair->weight * $share * $x * $x;
        }
        $information[1][0] = $information[0][1];

        return [$score, $information];
    }

    /**
     * @param  non-empty-list<Pair>  $pairs
     * @return array{array{float, float}, array{float, float}} sum of squared scores
     */
    private static function meat(array $pairs, Reference $reference, float $a, float $b): array
    {
        $meat = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($pairs as $pair) {
            [$x, $residual] = self::terms($pair, $reference, $a, $b);
            $square = ($pair->weight * $residual) ** 2;
            $meat[0][0] += $square;
            $meat[0][1] += $square * $x;
            $meat[1][1] += $square * $x * $x;
        }
        $meat[1][0] = $meat[0][1];

        return $meat;
    }

    /** @return array{float, float, float} log-odds told, score by the log-odds, expected information */
    private static function terms(Pair $pair, Reference $reference, float $a, float $b): array
    {
        $x = Logit::of(Scores::clamped($pair->chance));
        $chance = \min(\max(Logit::chance($a + $b * $x), self::NEARLY), 1 - self::NEARLY);
        $q = $reference->shown($chance);
        $moves = $reference->gain() * $chance * (1 - $chance);

        return [$x, $moves * ($pair->found() - $q) / ($q * (1 - $q)), $moves ** 2 / ($q * (1 - $q))];
    }

    /**
     * @param  array{array{float, float}, array{float, float}}  $of
     * @return array{array{float, float}, array{float, float}}|null
     */
    private static function inverse(array $of, bool $isSloped): ?array
    {
        if (! $isSloped) {
            return $of[0][0] < self::FLAT ? null : [[1 / $of[0][0], 0.0], [0.0, 0.0]];
        }
        $determinant = $of[0][0] * $of[1][1] - $of[0][1] ** 2;
        if ($determinant < self::FLAT) {
            return null;
        }

        return [
            [$of[1][1] / $determinant, -$of[0][1] / $determinant],
            [-$of[0][1] / $determinant, $of[0][0] / $determinant],
        ];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\States;

/**
 * Tilts a distribution over combinations of a few injuries until each injury's own chance is as asked,
 * leaving their associations alone. The tilt is unique; repeated one-at-a-time correction leads there,
 * and Newton steps on all tilts at once get there sooner whenever they help.
 *
 * @internal
 */
final class MarginalFit
{
    private const TOLERANCE = 1e-12;

    private const MOST_ROUNDS = 10_000;

    /**
     * @param  non-empty-array<int, float>  $p  weights of the 2ᵐ combinations, any positive total
     * @param  array<int, float>  $rates  the m chances asked for, in (0, 1)
     * @return array<int, float> chances summing to 1
     */
    public static function of(array $p, array $rates): array
    {
        $p = self::normalised(self::sweep($p, $rates));
        $moments = Moments::of($p, \count($rates));
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $worst = self::worst($moments, $rates);
            if ($worst < self::TOLERANCE) {
                break;
            }
            $stepped = self::normalised(self::tilted($p, $moments->newtonStep($rates)));
            $after = Moments::of($stepped, \count($rates));
            if (! (self::worst($after, $rates) < $worst)) {
                $stepped = self::normalised(self::sweep($p, $rates));
                $after = Moments::of($stepped, \count($rates));
            }
            [$p, $moments] = [$stepped, $after];
        }

        return $p;
    }

    /**
     * @param  array<int, float>  $rates
     */
    private static function worst(Moments $moments, array $rates): float
    {
        $worst = 0.0;
        foreach ($rates as $bit => $rate) {
            $off = \abs($moments->first[$bit] - $rate);
            $worst = is_nan($off) ? INF : \max($worst, $off);
        }

        return $worst;
    }

    /**
     * One-at-a-time correction: each injury in turn is brought to its chance.
     *
     * @param  array<int, float>  $p
     * @param  array<int, float>  $rates
     * @return array<int, float>
     */
    private static function sweep(array $p, array $rates): array
    {
        $size = \count($p);
        foreach ($rates as $bit => $rate) {
            $step = 1 << $bit;
            $marginal = \array_sum(StateSet::split($p, $bit)[1]) / \array_sum($p);
            $tilt = $rate * (1 - $marginal) / ($marginal * (1 - $rate));
            for ($block = $step; $block < $size; $block += 2 * $step) {
                for ($state = $block; $state < $block + $step; $state++) {
                    $p[$state] *= $tilt;
                }
            }
        }

        return $p;
    }

    /**
     * @param  array<int, float>  $p
     * @param  array<int, float>  $logTilts  one for each injury
     * @return array<int, float>
     */
    private static function tilted(array $p, array $logTilts): array
    {
        $factors = [1.0];
        foreach ($logTilts as $logTilt) {
            $tilt = \exp($logTilt);
            foreach ($factors as $factor) {
                $factors[] = $factor * $tilt;
            }
        }
        foreach ($factors as $state => $factor) {
            $p[$state] *= $factor;
        }

        return $p;
    }

    /**
     * @param  array<int, float>  $p
     * @return array<int, float>
     */
    private static function normalised(array $p): array
    {
        $total = \array_sum($p);
        foreach ($p as $state => $chance) {
            $p[$state] = $chance / $total;
        }

        return $p;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

/** What acting at a threshold gains and costs, in knees rightly sent (Vickers and Elkin 2006). */
final class NetBenefit
{
    /**
     * Of sending all whose chance reaches the threshold.
     *
     * @param  non-empty-list<Pair>  $pairs
     * @param  float  $threshold  in (0, 1)
     */
    public static function of(array $pairs, float $threshold, Reference $reference = new Reference): float
    {
        return self::sent($pairs, $threshold, $reference, static fn (Pair $pair): bool => $pair->chance >= $threshold);
    }

    /**
     * Of sending all.
     *
     * @param  non-empty-list<Pair>  $pairs
     */
    public static function ofAll(array $pairs, float $threshold, Reference $reference = new Reference): float
    {
        return self::sent($pairs, $threshold, $reference, static fn (): bool => true);
    }

    /**
     * @param  non-empty-list<Pair>  $pairs
     * @param  callable(Pair): bool  $isSent
     */
    private static function sent(array $pairs, float $threshold, Reference $reference, callable $isSent): float
    {
        $sum = $weight = 0.0;
        foreach ($pairs as $pair) {
            $found = $reference->corrected($pair->found());
            $weight += $pair->weight;
            $sum += $isSent($pair) ? $pair->weight * ($found - (1 - $found) * $threshold / (1 - $threshold)) : 0.0;
        }

        return $sum / $weight;
    }
}

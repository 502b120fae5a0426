<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

/** A chance in words: knees in a hundred. */
final class InHundred
{
    /**
     * @param  float  $chance  in (0, 1)
     * @return string a whole number; `<1` and `>99` at the ends, since nobody knows 0 or 100
     */
    public static function of(float $chance): string
    {
        return match (true) {
            $chance < 0.005 => '<1',
            $chance >= 0.995 => '>99',
            default => (string) (int) round(100 * $chance),
        };
    }

    /**
     * @param  array{float, float}  $interval  each end in (0, 1)
     * @return string `5 to 12`; ends that read the same are told once
     */
    public static function range(array $interval): string
    {
        return implode(' to ', array_unique(array_map(self::of(...), $interval)));
    }
}

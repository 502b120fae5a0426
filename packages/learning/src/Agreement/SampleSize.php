<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Agreement;

use GrayCompass\Learning\Numbers\Quantile;

/** How many knees an interval of a wanted width needs. */
final class SampleSize
{
    /**
     * For an intraclass correlation (Bonett 2002).
     *
     * @param  float  $correlation  in (0, 1)
     * @param  int  $examiners  two or more
     * @param  float  $width  of the 95 % interval, in (0, 1)
     */
    public static function ofIntraclass(float $correlation, int $examiners, float $width): int
    {
        $spread = (1 - $correlation) * (1 + ($examiners - 1) * $correlation);

        return (int) ceil(
            8 * Quantile::Z95 ** 2 * $spread ** 2 / ($examiners * ($examiners - 1) * $width ** 2) + 1,
        );
    }
}

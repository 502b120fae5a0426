<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Numbers;

/** Wilson's 95 % interval of a share (Wilson 1927). */
final class Wilson
{
    /**
     * @param  float  $share  in [0, 1]
     * @param  float  $n  observations, or their effective number; above 0
     * @return array{float, float}
     */
    public static function of(float $share, float $n): array
    {
        $z2 = Quantile::Z95 ** 2;
        $middle = ($share + $z2 / (2 * $n)) / (1 + $z2 / $n);
        $reach = Quantile::Z95 / (1 + $z2 / $n) * \sqrt($share * (1 - $share) / $n + $z2 / (4 * $n * $n));

        return [\max(0.0, $middle - $reach), \min(1.0, $middle + $reach)];
    }
}

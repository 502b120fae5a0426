<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * Chances in (0, 1) and log-odds on the whole line.
 *
 * @internal
 */
final class Logit
{
    /** Half the width of a 95 % interval in standard deviations. */
    public const Z95 = 1.959963984540054;

    public static function of(float $chance): float
    {
        return \log($chance / (1 - $chance));
    }

    public static function chance(float $logOdds): float
    {
        return $logOdds >= 0 ? 1 / (1 + \exp(-$logOdds)) : \exp($logOdds) / (1 + \exp($logOdds));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Row;

/**
 * Chance before against chance after one test alone, for a positive and for a negative result.
 *
 * @internal
 */
final class Curve
{
    private const STEPS = 40;

    /**
     * @return list<array{float, float, float}> chance before, after a positive, after a negative; from 0 to 1
     */
    public static function of(Row $row): array
    {
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $before = $step / self::STEPS;
            $points[] = [
                $before,
                self::after($before, $row->ratio(Outcome::Positive)),
                self::after($before, $row->ratio(Outcome::Negative)),
            ];
        }

        return $points;
    }

    private static function after(float $before, float $ratio): float
    {
        return $before * $ratio / ($before * $ratio + 1 - $before);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Laxity;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Calls only a gross shift positive, and leaves everything from 3 mm up to it open.
 *
 * @internal
 */
final class GrossShift implements LaxityRule
{
    private const OPEN_FROM_MM = 3.0;

    private const POSITIVE_FROM_MM = 15.0;

    private const WORST_OVER_MM = 20.0;

    public function judge(Laxity $laxity): Graded
    {
        $difference = $laxity->difference;
        $grade = match (true) {
            $difference < self::POSITIVE_FROM_MM => 0,
            $difference <= self::WORST_OVER_MM => 2,
            default => 3,
        };

        return match (true) {
            $laxity->isAbsent(), $difference >= self::POSITIVE_FROM_MM => new Graded(
                Outcome::Positive,
                $grade,
                Level::Gross,
            ),
            $difference >= self::OPEN_FROM_MM => new Graded(Outcome::Equivocal, $grade),
            default => new Graded(Outcome::Negative, $grade),
        };
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Laxity;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Judges by how much more the hurt knee gives: it takes out the looseness people are born with. Bands of
 * 3, 5 and 10 mm more (IKDC 1993); the last millimetre below 3 is within what hands err (working estimate).
 *
 * @internal
 */
final class SideDifference implements LaxityRule
{
    private const POSITIVE_MM = 3.0;

    private const HAND_ERROR_MM = 1.0;

    private const CLEAR_OVER_MM = 5.0;

    private const GROSS_OVER_MM = 10.0;

    public function judge(Laxity $laxity): Graded
    {
        $byEndFeel = $laxity->isAbsent() || ($laxity->yields() && $laxity->otherIsFirm);
        $difference = $laxity->difference;
        if ($difference < self::POSITIVE_MM && ! $byEndFeel) {
            return $difference >= self::POSITIVE_MM - self::HAND_ERROR_MM
                ? new Graded(Outcome::Equivocal, 0, flaw: Exclusion::WithinHandError)
                : new Graded(Outcome::Negative, 0);
        }
        $grade = match (true) {
            $difference <= self::CLEAR_OVER_MM => 1,
            $difference <= self::GROSS_OVER_MM => 2,
            default => 3,
        };

        return new Graded(Outcome::Positive, $grade, self::level($difference, $byEndFeel, $laxity->isAbsent()));
    }

    /**
     * @param  bool  $yields  soft or absent, against a firm other knee
     */
    public static function level(float $difference, bool $yields, bool $absent): Level
    {
        return match (true) {
            $absent, $difference > self::GROSS_OVER_MM => Level::Gross,
            $difference > self::CLEAR_OVER_MM, $yields && $difference >= self::POSITIVE_MM => Level::Clear,
            default => Level::Slight,
        };
    }
}

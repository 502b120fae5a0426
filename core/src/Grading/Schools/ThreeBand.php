<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Opening;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Three grades: painful but firm, open with an end, open without one. Bands of 3, 5 and 10 mm more than
 * the other knee (AMA 1966, Hughston 1976); the last millimetre below 3 is within what hands err.
 *
 * @internal
 */
final class ThreeBand implements CollateralRule
{
    private const POSITIVE_MM = 3.0;

    private const HAND_ERROR_MM = 1.0;

    private const SECOND_GRADE_MM = 5.0;

    private const THIRD_GRADE_OVER_MM = 10.0;

    public function judge(Opening $opening): Graded
    {
        $difference = $opening->difference;
        if ($difference < self::POSITIVE_MM && ! $opening->yields()) {
            return match (true) {
                $opening->hurtsThere => new Graded(Outcome::Negative, 1, flaw: Exclusion::GradeOneIsFirm),
                $difference >= self::POSITIVE_MM - self::HAND_ERROR_MM => new Graded(
                    Outcome::Equivocal,
                    0,
                    flaw: Exclusion::WithinHandError,
                ),
                default => new Graded(Outcome::Negative, 0),
            };
        }

        return new Graded(Outcome::Positive, self::grade($opening), self::level($opening));
    }

    /**
     * @return int<1, 3>
     */
    public static function grade(Opening $opening): int
    {
        return match (true) {
            $opening->isAbsent(), $opening->difference > self::THIRD_GRADE_OVER_MM => 3,
            $opening->difference >= self::SECOND_GRADE_MM, $opening->yields()
                && $opening->difference >= self::POSITIVE_MM => 2,
            default => 1,
        };
    }

    public static function level(Opening $opening): Level
    {
        return match (self::grade($opening)) {
            3 => Level::Gross,
            2 => Level::Clear,
            1 => Level::Slight,
        };
    }

    /** The hurt knee read alone, by its own mm: it says clear at most. */
    public static function alone(Opening $opening): Graded
    {
        $grade = self::grade($opening);

        return match (true) {
            $opening->isAbsent(), $opening->difference >= self::THIRD_GRADE_OVER_MM => new Graded(
                Outcome::Positive,
                $grade,
                Level::Clear,
            ),
            $opening->yields() => new Graded(Outcome::Positive, $grade, Level::Slight),
            $opening->difference >= self::SECOND_GRADE_MM => new Graded(Outcome::Equivocal, $grade),
            $opening->hurtsThere => new Graded(Outcome::Negative, 1, flaw: Exclusion::GradeOneIsFirm),
            default => new Graded(Outcome::Negative, 0),
        };
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Knee\Level;

/**
 * Three grades: painful but firm, open with an end, open without one. Bands of 3, 5 and 10 mm more than
 * the other knee (AMA 1966, Hughston 1976); the last millimetre below 3 is within what hands err.
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
                $opening->hurtsThere => new Graded(Sign::Negative, 1, flaw: Exclusion::GradeOneIsFirm),
                $difference >= self::POSITIVE_MM - self::HAND_ERROR_MM => new Graded(Sign::Equivocal, 0, flaw: Exclusion::WithinHandError),
                default => new Graded(Sign::Negative, 0),
            };
        }

        return new Graded(Sign::Positive, self::grade($opening), self::level($opening));
    }

    /**
     * @return int<1, 3>
     */
    public static function grade(Opening $opening): int
    {
        return match (true) {
            $opening->isAbsent(), $opening->difference > self::THIRD_GRADE_OVER_MM => 3,
            $opening->difference >= self::SECOND_GRADE_MM, $opening->yields() && $opening->difference >= self::POSITIVE_MM => 2,
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
            $opening->isAbsent(), $opening->difference >= self::THIRD_GRADE_OVER_MM => new Graded(Sign::Positive, $grade, Level::Clear),
            $opening->yields() => new Graded(Sign::Positive, $grade, Level::Slight),
            $opening->difference >= self::SECOND_GRADE_MM => new Graded(Sign::Equivocal, $grade),
            $opening->hurtsThere => new Graded(Sign::Negative, 1, flaw: Exclusion::GradeOneIsFirm),
            default => new Graded(Sign::Negative, 0),
        };
    }
}

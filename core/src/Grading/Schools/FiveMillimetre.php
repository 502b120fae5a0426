<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Laxity;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Judges the hurt knee's own figure: over 5 mm is too much. Bands as taught; levels are working estimates.
 *
 * @internal
 */
final class FiveMillimetre implements LaxityRule
{
    private const LOOSE_OVER_MM = 5.0;

    private const GROSS_OVER_MM = 10.0;

    private const MORE_THAN_OTHER_MM = 3.0;

    private const CLEARLY_MORE_MM = 5.0;

    public function judge(Laxity $laxity): Graded
    {
        $byEndFeel = $laxity->isAbsent() || ($laxity->yields() && $laxity->difference > 0);
        $between = $laxity->hurt > self::LOOSE_OVER_MM && $laxity->hurt <= self::GROSS_OVER_MM;
        $grade = self::grade($laxity->hurt, $byEndFeel);
        if (
            ! $laxity->isAbsent()
            && $between
            && ! $laxity->yields()
            && $laxity->difference < self::MORE_THAN_OTHER_MM
        ) {
            return new Graded(Outcome::Equivocal, $grade);
        }
        if ($laxity->hurt <= self::LOOSE_OVER_MM && ! $byEndFeel) {
            return new Graded(Outcome::Negative, $grade);
        }
        $level = match (true) {
            $laxity->isAbsent(), $laxity->hurt > self::GROSS_OVER_MM => Level::Gross,
            ! $between => Level::Slight,
            default => ! $laxity->yields()
                && $laxity->difference < self::CLEARLY_MORE_MM ? Level::Slight : Level::Clear,
        };

        return new Graded(Outcome::Positive, $grade, $level);
    }

    /**
     * Grade by the absolute figure in mm.
     *
     * @return int<0, 3>
     */
    public static function grade(float $hurt, bool $positiveByEndFeel): int
    {
        return match (true) {
            $hurt <= self::LOOSE_OVER_MM => $positiveByEndFeel ? 1 : 0,
            $hurt <= self::GROSS_OVER_MM => 2,
            default => 3,
        };
    }

    /** The hurt knee read alone: it says clear at most, and positive only far out or without a firm end. */
    public static function alone(float $hurt, bool $yields, bool $absent): Graded
    {
        $grade = self::grade($hurt, $yields);

        return match (true) {
            $absent, $hurt > self::GROSS_OVER_MM => new Graded(Outcome::Positive, $grade, Level::Clear),
            $yields => new Graded(Outcome::Positive, $grade, Level::Slight),
            $hurt > self::LOOSE_OVER_MM => new Graded(Outcome::Equivocal, $grade),
            default => new Graded(Outcome::Negative, $grade),
        };
    }
}

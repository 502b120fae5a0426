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
final readonly class FiveMillimetre implements LaxityRule
{
    public function __construct(
        public float $looseOver = 5.0,
        public float $grossOver = 10.0,
        public float $moreThanOther = 3.0,
        public float $clearlyMore = 5.0,
    ) {
    }

    public function judge(Laxity $laxity): Graded
    {
        $byEndFeel = $laxity->isAbsent() || ($laxity->yields() && $laxity->difference > 0);
        $between = $laxity->hurt > $this->looseOver && $laxity->hurt <= $this->grossOver;
        $grade = $this->grade($laxity->hurt, $byEndFeel);
        if (
            ! $laxity->isAbsent()
            && $between
            && ! $laxity->yields()
            && $laxity->difference < $this->moreThanOther
        ) {
            return new Graded(Outcome::Equivocal, $grade);
        }
        if ($laxity->hurt <= $this->looseOver && ! $byEndFeel) {
            return new Graded(Outcome::Negative, $grade);
        }
        $level = match (true) {
            $laxity->isAbsent(), $laxity->hurt > $this->grossOver => Level::Gross,
            ! $between => Level::Slight,
            default => ! $laxity->yields()
                && $laxity->difference < $this->clearlyMore ? Level::Slight : Level::Clear,
        };

        return new Graded(Outcome::Positive, $grade, $level);
    }

    /**
     * Grade by the absolute figure in mm.
     *
     * @return int<0, 3>
     */
    public function grade(float $hurt, bool $positiveByEndFeel): int
    {
        return match (true) {
            $hurt <= $this->looseOver => $positiveByEndFeel ? 1 : 0,
            $hurt <= $this->grossOver => 2,
            default => 3,
        };
    }

    /** The hurt knee read alone: it says clear at most, and positive only far out or without a firm end. */
    public function alone(float $hurt, bool $yields, bool $absent): Graded
    {
        $grade = $this->grade($hurt, $yields);

        return match (true) {
            $absent, $hurt > $this->grossOver => new Graded(Outcome::Positive, $grade, Level::Clear),
            $yields => new Graded(Outcome::Positive, $grade, Level::Slight),
            $hurt > $this->looseOver => new Graded(Outcome::Equivocal, $grade),
            default => new Graded(Outcome::Negative, $grade),
        };
    }
}

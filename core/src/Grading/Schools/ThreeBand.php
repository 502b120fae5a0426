<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\JointOpening;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Three grades: painful but firm, open with an end, open without one. Bands of 3, 5 and 10 mm more than
 * the other knee (AMA 1966, Hughston 1976); just below 3 neither hands (1 mm, working
 * estimate) nor an instrument (its own spread) can tell.
 *
 * @internal
 */
final readonly class ThreeBand implements CollateralRule
{
    public function __construct(
        public float $positiveFrom = 3.0,
        public float $handError = 1.0,
        public float $secondFrom = 5.0,
        public float $thirdOver = 10.0,
    ) {
    }

    public function judge(JointOpening $opening): Graded
    {
        $difference = $opening->difference;
        if ($difference < $this->positiveFrom && ! $opening->yields()) {
            return match (true) {
                $opening->hurtsThere => new Graded(Outcome::Negative, 1),
                $opening->margin->reaches($difference, $this->positiveFrom, $this->handError) => new Graded(
                    Outcome::Equivocal,
                    0,
                    flaw: $opening->margin->flaw,
                ),
                default => new Graded(Outcome::Negative, 0),
            };
        }

        return new Graded(Outcome::Positive, $this->grade($opening), $this->level($opening));
    }

    /**
     * @return int<1, 3>
     */
    public function grade(JointOpening $opening): int
    {
        return match (true) {
            $opening->isAbsent(), $opening->difference > $this->thirdOver => 3,
            $opening->difference >= $this->secondFrom, $opening->yields()
                && $opening->difference >= $this->positiveFrom => 2,
            default => 1,
        };
    }

    public function level(JointOpening $opening): Level
    {
        return match ($this->grade($opening)) {
            3 => Level::Gross,
            2 => Level::Clear,
            1 => Level::Slight,
        };
    }

    /** The hurt knee read alone, by its own mm: it says clear at most. */
    public function alone(JointOpening $opening): Graded
    {
        $grade = $this->grade($opening);

        return match (true) {
            $opening->isAbsent(), $opening->difference >= $this->thirdOver => new Graded(
                Outcome::Positive,
                $grade,
                Level::Clear,
            ),
            $opening->yields() => new Graded(Outcome::Positive, $grade, Level::Slight),
            $opening->difference >= $this->secondFrom => new Graded(Outcome::Equivocal, $grade),
            $opening->hurtsThere => new Graded(Outcome::Negative, 1),
            default => new Graded(Outcome::Negative, 0),
        };
    }
}

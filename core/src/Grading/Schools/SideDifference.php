<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Laxity;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Judges by how much more the hurt knee gives: it takes out the looseness people are born with. Bands of
 * 3, 5 and 10 mm more (IKDC 1993); just below 3 neither hands (1 mm, working
 * estimate) nor an instrument (its own spread) can tell.
 *
 * @internal
 */
final readonly class SideDifference implements LaxityRule
{
    public function __construct(
        public float $positiveFrom = 3.0,
        public float $handError = 1.0,
        public float $clearOver = 5.0,
        public float $grossOver = 10.0,
    ) {
    }

    public function judge(Laxity $laxity): Graded
    {
        $byEndFeel = $laxity->isAbsent() || ($laxity->yields() && $laxity->otherIsFirm);
        $difference = $laxity->difference;
        if ($difference < $this->positiveFrom && ! $byEndFeel) {
            return $laxity->margin->reaches($difference, $this->positiveFrom, $this->handError)
                ? new Graded(Outcome::Equivocal, 0, flaw: $laxity->margin->flaw)
                : new Graded(Outcome::Negative, 0);
        }
        $grade = match (true) {
            $difference <= $this->clearOver => 1,
            $difference <= $this->grossOver => 2,
            default => 3,
        };

        return new Graded(Outcome::Positive, $grade, $this->level($difference, $byEndFeel, $laxity->isAbsent()));
    }

    /**
     * @param  bool  $yields  soft or absent, against a firm other knee
     */
    public function level(float $difference, bool $yields, bool $absent): Level
    {
        return match (true) {
            $absent, $difference > $this->grossOver => Level::Gross,
            $difference > $this->clearOver, $yields && $difference >= $this->positiveFrom => Level::Clear,
            default => Level::Slight,
        };
    }
}

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
            return $difference >= $this->positiveFrom - $this->handError
                ? new Graded(Outcome::Equivocal, 0, flaw: Exclusion::WithinHandError)
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

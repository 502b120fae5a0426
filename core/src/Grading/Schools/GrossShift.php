<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Laxity;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;

/**
 * Calls only a gross shift positive, and leaves everything from 3 mm up to it open. Bands in mm
 * as taught; working estimates.
 *
 * @internal
 */
final readonly class GrossShift implements LaxityRule
{
    public function __construct(
        public float $openFrom = 3.0,
        public float $positiveFrom = 15.0,
        public float $worstOver = 20.0,
    ) {
    }

    public function judge(Laxity $laxity): Graded
    {
        $difference = $laxity->difference;
        $grade = match (true) {
            $difference < $this->positiveFrom => 0,
            $difference <= $this->worstOver => 2,
            default => 3,
        };

        return match (true) {
            $laxity->isAbsent(), $difference >= $this->positiveFrom => new Graded(
                Outcome::Positive,
                $grade,
                Level::Gross,
            ),
            $difference >= $this->openFrom => new Graded(Outcome::Equivocal, $grade),
            default => new Graded(Outcome::Negative, $grade),
        };
    }
}

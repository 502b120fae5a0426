<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Grading\GradedVisits;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Results\Unsettled;
use GrayCompass\Core\Safety\Blood;

/**
 * What the hands found, graded, and which of it counts.
 *
 * @internal
 */
final readonly class Readings
{
    public function __construct(
        public Grading $grading,
        public GradedVisits $gradedVisits,
        public SettledResults $results,
        public Unsettled $settled,
        public Loose $loose,
        public Blood $blood,
    ) {
    }
}

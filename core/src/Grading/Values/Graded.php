<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Knee\Level;

/**
 * What a school makes of one laxity.
 *
 * @internal
 */
final readonly class Graded
{
    /**
     * @param  int<0, 3>  $grade
     * @param  Level|null  $level  of a positive
     * @param  Exclusion|null  $flaw  a reason against it that the school itself sees
     */
    public function __construct(
        public Outcome $outcome,
        public int $grade,
        public ?Level $level = null,
        public ?Exclusion $flaw = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Knee\Level;

/**
 * One measure on both knees, side by side.
 *
 * @internal
 */
final readonly class Measurement
{
    /**
     * @param  string  $unit  mm, ° or cm
     * @param  float|null  $difference  hurt minus other; null without a comparison
     * @param  int<0, 3>|null  $grade  0–3 where the manoeuvre is graded; null for an equivocal one
     * @param  bool  $provisional  judged by the absolute figure, for want of the other knee
     * @param  bool  $estimate  a band judged by hand
     * @param  string|null  $school  by whose bands it is graded
     * @param  Level|null  $level  how far a positive went
     */
    public function __construct(
        public string $manoeuvre,
        public string $unit,
        public ?float $hurt,
        public ?float $other,
        public ?float $difference,
        public ?int $grade = null,
        public bool $provisional = false,
        public bool $estimate = false,
        public ?string $school = null,
        public ?Level $level = null,
    ) {
    }
}

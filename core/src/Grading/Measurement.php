<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Knee\Level;

/** One measure on both knees, side by side. */
final class Measurement
{
    /**
     * @param  string  $unit  mm, ° or cm
     * @param  float|null  $difference  hurt minus other; null without a comparison
     * @param  int|null  $grade  0–3 where the manoeuvre is graded; null for an equivocal one
     * @param  bool  $provisional  judged by the absolute figure, for want of the other knee
     * @param  bool  $estimate  a band judged by hand
     * @param  string|null  $school  by whose bands it is graded
     * @param  Level|null  $level  how far a positive went
     */
    public function __construct(
        public readonly string $manoeuvre,
        public readonly string $unit,
        public readonly ?float $hurt,
        public readonly ?float $other,
        public readonly ?float $difference,
        public readonly ?int $grade = null,
        public readonly bool $provisional = false,
        public readonly bool $estimate = false,
        public readonly ?string $school = null,
        public readonly ?Level $level = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Knee\Level;

/**
 * One measure of the hurt knee beside that of what it is compared with.
 *
 * @internal
 */
final readonly class Measurement
{
    /**
     * @param  string  $unit  mm, ° or cm
     * @param  float|null  $difference  hurt minus that; null without a comparison
     * @param  int<0, 3>|null  $grade  0–3 where the manoeuvre is graded; null for an equivocal one
     * @param  bool  $provisional  judged by the absolute figure, for want of the other knee
     * @param  bool  $estimate  a band judged by hand
     * @param  string|null  $school  by whose bands it is graded
     * @param  float|null  $other  of what it is compared with
     * @param  ComparedWith|null  $comparedWith  null: with nothing
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
        public ?ComparedWith $comparedWith = null,
    ) {
    }
}

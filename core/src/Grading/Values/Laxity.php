<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Knee\EndFeel;

/**
 * How far and how it stops: what the schools of laxity judge. Distances in mm.
 *
 * @internal
 */
final readonly class Laxity
{
    /**
     * @param  float  $hurt  absolute figure of the hurt knee
     * @param  float  $difference  hurt minus other
     */
    public function __construct(
        public float $hurt,
        public float $difference,
        public ?EndFeel $endFeel,
        public bool $otherIsFirm,
        public Margin $margin,
    ) {
    }

    public function yields(): bool
    {
        return $this->endFeel !== null && $this->endFeel->yields();
    }

    public function isAbsent(): bool
    {
        return $this->endFeel === EndFeel::Absent;
    }
}

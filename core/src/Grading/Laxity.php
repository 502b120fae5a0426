<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Knee\EndFeel;

/** How far and how it stops: what the schools of laxity judge. Distances in mm. */
final class Laxity
{
    /**
     * @param  float  $hurt  absolute figure of the hurt knee
     * @param  float  $difference  hurt minus other
     */
    public function __construct(
        public readonly float $hurt,
        public readonly float $difference,
        public readonly ?EndFeel $endFeel,
        public readonly bool $otherIsFirm,
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

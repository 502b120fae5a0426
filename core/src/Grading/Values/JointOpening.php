<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Knee\EndFeel;

/**
 * How far the joint opens to one side, in mm, how it stops, and whether it hurts there.
 *
 * @internal
 */
final readonly class JointOpening
{
    /**
     * @param  float  $difference  hurt minus other
     * @param  EndFeel|null  $endFeel  null as well where the other knee yields alike
     */
    public function __construct(
        public float $difference,
        public ?EndFeel $endFeel,
        public bool $hurtsThere,
        public Margin $margin,
    ) {
    }

    public function yields(): bool
    {
        return $this->endFeel?->yields() === true;
    }

    public function isAbsent(): bool
    {
        return $this->endFeel === EndFeel::Absent;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Knee\EndFeel;

/** How far the joint opens to one side, in mm, how it stops, and whether it hurts there. */
final class Opening
{
    public function __construct(
        public readonly float $difference,
        public readonly ?EndFeel $endFeel,
        public readonly bool $hurtsThere,
    ) {
    }
}

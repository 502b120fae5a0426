<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;

/** Two injuries that are met together more often than by chance. */
final class Pairing
{
    public function __construct(
        public readonly Condition $one,
        public readonly Condition $other,
        public readonly float $oddsRatio,
    ) {
    }
}

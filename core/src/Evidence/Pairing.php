<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;

/**
 * Two injuries that are met together more often than by chance.
 *
 * @internal
 */
final readonly class Pairing
{
    public function __construct(
        public Condition $one,
        public Condition $other,
        public float $oddsRatio,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** Two injuries that travel together more (above 1) or less (below 1) often than by chance. */
final class Association
{
    /**
     * @param  int  $first  position of a condition
     * @param  int  $second  position of another
     * @param  float  $oddsRatio  above 0
     */
    public function __construct(
        public readonly int $first,
        public readonly int $second,
        public readonly float $oddsRatio,
    ) {
    }
}

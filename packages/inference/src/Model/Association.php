<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * Two injuries that travel together more (above 1) or less (below 1) often than by chance.
 *
 * @internal
 */
final readonly class Association
{
    /**
     * @param  int<0, max>  $first  position of a condition
     * @param  int<0, max>  $second  position of another
     * @param  float  $oddsRatio  above 0
     */
    public function __construct(
        public int $first,
        public int $second,
        public float $oddsRatio,
    ) {
    }
}

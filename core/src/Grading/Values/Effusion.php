<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

/**
 * Fluid in the hurt knee.
 *
 * @internal
 */
final readonly class Effusion
{
    /**
     * @param  float|null  $grade  0, 0.5, 1, 2 or 3; null when only fluctuation was tried
     * @param  array{float, float|null}|null  $millilitres  from, to; an open end is null
     */
    public function __construct(
        public ?float $grade,
        public Outcome $outcome,
        public ?array $millilitres,
        public bool $bloodLikely,
    ) {
    }
}

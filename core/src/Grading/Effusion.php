<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** Fluid in the hurt knee. */
final class Effusion
{
    /**
     * @param  float|null  $grade  0, 0.5, 1, 2 or 3; null when only fluctuation was tried
     * @param  array{float, float|null}|null  $millilitres  from, to; an open end is null
     */
    public function __construct(
        public readonly ?float $grade,
        public readonly Sign $sign,
        public readonly ?array $millilitres,
        public readonly bool $bloodLikely,
    ) {
    }
}

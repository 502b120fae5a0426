<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

/**
 * All that the grading makes of one manoeuvre.
 *
 * @internal
 */
final readonly class Judgement
{
    /**
     * @param  list<Reading>  $readings
     * @param  list<Remark>  $remarks
     */
    public function __construct(
        public array $readings = [],
        public ?Measurement $measurement = null,
        public array $remarks = [],
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** All that the grading makes of one manoeuvre. */
final class Judgement
{
    /**
     * @param  list<Reading>  $readings
     * @param  list<Remark>  $remarks
     */
    public function __construct(
        public readonly array $readings = [],
        public readonly ?Measurement $measurement = null,
        public readonly array $remarks = [],
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** What a school makes of one laxity. */
final class Graded
{
    /**
     * @param  int  $grade  0–3
     */
    public function __construct(public readonly Sign $sign, public readonly int $grade)
    {
    }
}

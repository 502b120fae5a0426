<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** A school of grading how the knee opens sideways. */
interface CollateralRule
{
    public function judge(Opening $opening): Graded;
}

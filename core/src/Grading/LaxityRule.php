<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** A school of grading how far the shin glides. */
interface LaxityRule
{
    public function judge(Laxity $laxity): Graded;
}

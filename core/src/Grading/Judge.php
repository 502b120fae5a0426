<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Examination;

/** Turns what was felt in one manoeuvre into measurements and readings. */
interface Judge
{
    public function judge(Comparison $knees, Examination $examination): Judgement;
}

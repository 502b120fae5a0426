<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Judgement;

/**
 * Turns what was felt in one manoeuvre into measurements and readings.
 *
 * @internal
 */
interface Judge
{
    public function judge(Comparison $knees, KneeExamination $examination): Judgement;
}

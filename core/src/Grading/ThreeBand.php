<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Knee\EndFeel;

/** Three grades: painful but firm, open with an end, open without one. */
final class ThreeBand implements CollateralRule
{
    public function judge(Opening $opening): Graded
    {
        $difference = $opening->difference;
        $yields = $opening->endFeel?->yields() === true;
        $grade = match (true) {
            $opening->endFeel === EndFeel::Absent, $difference > 10 => 3,
            $difference >= 5, $yields => 2,
            $opening->hurtsThere, $difference >= 3 => 1,
            default => 0,
        };

        return new Graded(Sign::of($difference >= 3 || $yields), $grade);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Knee\EndFeel;

/** Only more than a centimetre, or no end at all, is loose; 3 mm up to that is left open. */
final class Centimetre implements CollateralRule
{
    public function judge(Opening $opening): Graded
    {
        $torn = $opening->difference > 10 || $opening->endFeel === EndFeel::Absent;
        $open = ! $torn && $opening->difference >= 3;

        return new Graded($open ? Sign::Equivocal : Sign::of($torn), $torn ? 3 : 0);
    }
}

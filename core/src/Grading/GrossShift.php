<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** Calls only a gross shift positive, and leaves everything from 3 mm up to it open. */
final class GrossShift implements LaxityRule
{
    public function judge(Laxity $laxity): Graded
    {
        $difference = $laxity->difference;
        $sign = match (true) {
            $laxity->isAbsent() => Sign::Positive,
            $difference >= 3 && $difference < 15 => Sign::Equivocal,
            default => Sign::of($difference >= 15),
        };
        $grade = match (true) {
            $difference < 15 => 0,
            $difference <= 20 => 2,
            default => 3,
        };

        return new Graded($sign, $grade);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** Judges by how much more the hurt knee gives: it takes out the looseness people are born with. */
final class SideDifference implements LaxityRule
{
    public function judge(Laxity $laxity): Graded
    {
        $byEndFeel = $laxity->isAbsent() || ($laxity->yields() && $laxity->otherIsFirm);
        $difference = $laxity->difference;
        $grade = match (true) {
            $difference < 3 => $byEndFeel ? 1 : 0,
            $difference <= 5 => 1,
            $difference <= 10 => 2,
            default => 3,
        };

        return new Graded(Sign::of($difference >= 3 || $byEndFeel), $grade);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** Judges the hurt knee's own figure: over 5 mm is too much. */
final class FiveMillimetre implements LaxityRule
{
    public function judge(Laxity $laxity): Graded
    {
        $byEndFeel = $laxity->isAbsent() || ($laxity->yields() && $laxity->difference > 0);
        $sign = match (true) {
            $laxity->isAbsent() => Sign::Positive,
            $laxity->hurt > 5 && $laxity->hurt <= 10 && ! $laxity->yields() && $laxity->difference < 3 => Sign::Equivocal,
            default => Sign::of($laxity->hurt > 5 || $byEndFeel),
        };

        return new Graded($sign, self::grade($laxity->hurt, $byEndFeel));
    }

    /** Grade by the absolute figure in mm. */
    public static function grade(float $hurt, bool $positiveByEndFeel): int
    {
        return match (true) {
            $hurt <= 5 => $positiveByEndFeel ? 1 : 0,
            $hurt <= 10 => 2,
            default => 3,
        };
    }
}

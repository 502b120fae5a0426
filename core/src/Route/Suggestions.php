<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Weighing\Further;
use GrayCompass\Core\Weighing\InHundred;
use GrayCompass\Core\Weighing\NextTest;
use GrayCompass\Core\Weighing\Weighed;

/** What to test next: each manoeuvre once, the most useful minute first, with a reason. */
final class Suggestions
{
    /** Said when no condition could leave its zone by any test that is left. */
    public const NOTHING_CHANGES = 'No test here changes what you would do.';

    public static function wouldChangeNothing(Weighed $weighed): bool
    {
        foreach ($weighed->conditions as $condition) {
            if ($condition->further !== Further::NoneWouldChange) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return list<Suggestion>
     */
    public static function of(Weighed $weighed, Catalogue $catalogue): array
    {
        $suggestions = [];
        foreach ($weighed->nextTests as $test) {
            $manoeuvre = $catalogue->feeding($test->candidate->finding->id);
            if ($manoeuvre !== null && ! isset($suggestions[$manoeuvre->id])) {
                $suggestions[$manoeuvre->id] = new Suggestion($manoeuvre->id, $test, self::why($test, $weighed));
            }
        }

        return array_values($suggestions);
    }

    /** The condition whose chance would swing furthest, with both ways it could go. */
    private static function why(NextTest $test, Weighed $weighed): string
    {
        $furthest = 0;
        $swing = -1.0;
        foreach ($weighed->conditions as $k => $_) {
            $way = abs($test->ifPositive[$k] - $test->ifNegative[$k]);
            if ($way > $swing) {
                [$furthest, $swing] = [$k, $way];
            }
        }
        $now = $weighed->conditions[$furthest];
        $name = Condition::from($now->id)->label();
        $in = InHundred::of(...);

        return "{$name}: {$in($now->posttest)} in 100 now; {$in($test->ifPositive[$furthest])} if positive, {$in($test->ifNegative[$furthest])} if negative";
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Sentences\Sentence;

/**
 * What ends the question of the touchline at once: nothing tested after it could let the athlete go on, so that nobody
 * hops or runs any more.
 *
 * @internal
 */
final readonly class TouchlineStop
{
    /**
     * @return Sentence|null null off the touchline, and while the answer is still open
     */
    public static function reason(Bearings $bearings): ?Sentence
    {
        if (! $bearings->examination->isOnTouchline()) {
            return null;
        }
        if ($bearings->gate->lines !== []) {
            return new Sentence('play.red_flag');
        }
        foreach ($bearings->results->ofTheKneeNow->results as $result) {
            $of = $bearings->signs->ownTestOf($result->reading->sign);
            if ($of?->isCruciate() === true && $result->isPositive() && $result->counts()) {
                return new Sentence('play.cruciate_positive');
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

/**
 * What ends the question of the touchline at once: nothing tested after it could let the athlete go on, so that nobody
 * hops or runs any more.
 *
 * @internal
 */
final readonly class TouchlineStop
{
    /**
     * @return string|null in words; null off the touchline, and while the answer is still open
     */
    public static function reason(Bearings $bearings): ?string
    {
        if (! $bearings->examination->isOnTouchline()) {
            return null;
        }
        if ($bearings->gate->lines !== []) {
            return 'The safety check raised a red flag.';
        }
        foreach ($bearings->results->ofTheKneeNow->results as $result) {
            $of = $bearings->signs->ownTestOf($result->reading->sign);
            if ($of?->isCruciate() === true && $result->isPositive() && $result->counts()) {
                return 'A cruciate test is positive.';
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Sending;

/** How long is waited before another program is called again: ten attempts over a day, no two at the same moment. */
final class Waits
{
    /** Seconds until the next attempt, each up to a tenth longer. */
    private const SECONDS = [30, 120, 600, 1_800, 3_600, 7_200, 14_400, 28_800, 28_800];

    private const JITTER = 10;

    /**
     * @param  int  $attempts  that were made before the one that failed now
     * @return int|null seconds; null where a day is over
     */
    public static function after(int $attempts): ?int
    {
        $wait = self::SECONDS[$attempts] ?? null;

        return $wait === null ? null : self::spread($wait);
    }

    /** The same wait, up to a tenth longer. */
    public static function spread(int $seconds): int
    {
        return $seconds + random_int(0, intdiv($seconds, self::JITTER));
    }
}

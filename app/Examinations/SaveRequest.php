<?php

declare(strict_types=1);

namespace App\Examinations;

/** What every save says of itself: a key that is never used twice, and the version it was made from. */
final class SaveRequest
{
    /**
     * @param  int  $version  0 for a part that was not there yet
     */
    public function __construct(public readonly string $key, public readonly int $version)
    {
    }
}

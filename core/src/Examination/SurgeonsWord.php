<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What a surgeon said of this knee, as it is on record.
 *
 * @internal
 */
final readonly class SurgeonsWord
{
    /**
     * @param  string  $on  the day, such as 2026-03-14
     * @param  bool  $cleared  whether the surgeon has cleared the knee for sport
     * @param  string  $plan  what the surgeon wants done; may be empty
     */
    public function __construct(public string $on, public bool $cleared, public string $plan = '')
    {
    }
}

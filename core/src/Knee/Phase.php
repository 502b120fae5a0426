<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/**
 * Fresh and old injuries behave differently under the hands, and so have figures of their own.
 * The limit is a working estimate.
 */
enum Phase: string
{
    /** The last day that counts as fresh, in days since the injury. */
    public const LAST_ACUTE_DAY = 14;

    case Acute = 'acute';
    case Chronic = 'chronic';

    public static function of(?int $daysSinceInjury, int $lastAcuteDay = self::LAST_ACUTE_DAY): self
    {
        return $daysSinceInjury !== null && $daysSinceInjury <= $lastAcuteDay ? self::Acute : self::Chronic;
    }
}

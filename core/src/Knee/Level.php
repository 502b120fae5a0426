<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** How far a positive went: it never matters less how far it went. */
enum Level: string
{
    case Slight = 'slight';
    case Clear = 'clear';
    case Gross = 'gross';

    public function isAtLeast(self $level): bool
    {
        return array_search($this, self::cases(), true) >= array_search($level, self::cases(), true);
    }
}

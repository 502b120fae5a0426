<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** How soon somebody else must see this knee; case order is worst first. */
enum Urgency: string
{
    case Emergency = 'emergency';
    case SameDay = 'same_day';
    case Days = 'days';
    case Routine = 'routine';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}

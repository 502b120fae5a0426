<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

/** Whether the athlete can train and play, as a coach may know it. */
enum AvailabilityStatus: string
{
    case Available = 'available';
    case Modified = 'modified';
    case Out = 'out';

    public function label(): string
    {
        return match ($this) {
            self::Available => 'Available',
            self::Modified => 'Available with limits',
            self::Out => 'Out',
        };
    }
}

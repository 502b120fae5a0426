<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

/** Whether this athlete may go on now. */
enum PlayAnswer: string
{
    case Stop = 'stop';
    case MayContinue = 'may_continue';
    case MayContinueSupported = 'may_continue_supported';

    /** Off the touchline, and without hopping and running, nobody asked. */
    case NotAsked = 'not_asked';

    public function mayGoOn(): bool
    {
        return $this === self::MayContinue || $this === self::MayContinueSupported;
    }

    public function label(): string
    {
        return match ($this) {
            self::Stop => 'Stop',
            self::MayContinue => 'May continue',
            self::MayContinueSupported => 'May continue, supported',
            self::NotAsked => 'Not asked',
        };
    }
}

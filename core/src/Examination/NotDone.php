<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** Why a manoeuvre was left out. */
enum NotDone: string
{
    case Pain = 'pain';
    case Time = 'time';
    case Declined = 'declined';
    case Position = 'position';
    case NotSafe = 'not_safe';

    public function words(): string
    {
        return match ($this) {
            self::Pain => 'too painful',
            self::Time => 'no time',
            self::Declined => 'declined',
            self::Position => 'position not possible',
            self::NotSafe => 'not safe',
        };
    }
}

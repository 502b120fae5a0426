<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

/** How good the figures of a row are. */
enum Quality: string
{
    case A = 'A';
    case B = 'B';
    case C = 'C';

    public function label(): string
    {
        return match ($this) {
            self::A => 'pooled from many studies',
            self::B => 'single study',
            self::C => 'working estimate',
        };
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** Whose knee: the athlete's own left or right, or both at once. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Both = 'both';

    public function opposite(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Both => self::Both,
        };
    }
}

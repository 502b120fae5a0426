<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** How a movement stops. */
enum EndFeel: string
{
    case Firm = 'firm';
    case Soft = 'soft';
    case Absent = 'absent';
    case Hard = 'hard';
    case Springy = 'springy';

    public function yields(): bool
    {
        return $this === self::Soft || $this === self::Absent;
    }
}

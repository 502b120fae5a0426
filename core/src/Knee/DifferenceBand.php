<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** How much more the hurt knee gives than the other, judged by hand. */
enum DifferenceBand: string
{
    case Same = 'same';
    case Slight = 'slight';
    case Clear = 'clear';
    case Gross = 'gross';

    /**
     * @return int<0, 3>
     */
    public function grade(): int
    {
        return match ($this) {
            self::Same => 0,
            self::Slight => 1,
            self::Clear => 2,
            self::Gross => 3,
        };
    }
}

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

    public function label(): string
    {
        return match ($this) {
            self::Same => 'same',
            self::Slight => 'slightly',
            self::Clear => 'clearly',
            self::Gross => 'grossly',
        };
    }

    /** About how many millimetres more; a working estimate for hands that judge without a ruler. */
    public function measure(): string
    {
        return match ($this) {
            self::Same => '0–2 mm',
            self::Slight => '3–5 mm',
            self::Clear => '6–10 mm',
            self::Gross => '>10 mm',
        };
    }
}

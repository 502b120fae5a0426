<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** How much more the hurt knee gives than the other, judged by hand. Millimetres are working estimates. */
enum DifferenceBand: string
{
    private const MIDDLES = [4.0, 8.0, 12.0];

    private const ENDS = [2.0, 3.0, 5.0, 10.0];

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

    /** A difference in the middle of the band, in mm; working estimates. */
    public function middleMm(): float
    {
        return match ($this) {
            self::Same => 0.0,
            self::Slight => self::MIDDLES[0],
            self::Clear => self::MIDDLES[1],
            self::Gross => self::MIDDLES[2],
        };
    }

    /**
     * The least and the most that the band stands for, in mm; working estimates.
     *
     * @return array{float, float}
     */
    public function rangeMm(): array
    {
        return match ($this) {
            self::Same => [0.0, self::ENDS[0]],
            self::Slight => [self::ENDS[1], self::ENDS[2]],
            self::Clear => [self::ENDS[2], self::ENDS[3]],
            self::Gross => [self::ENDS[3], INF],
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

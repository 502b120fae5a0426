<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** How opening at the side of the knee is graded. */
enum CollateralSchool: string
{
    case ThreeBand = 'three_band';
    case Centimetre = 'centimetre';

    public function label(): string
    {
        return match ($this) {
            self::ThreeBand => 'three bands',
            self::Centimetre => 'one centimetre',
        };
    }
}

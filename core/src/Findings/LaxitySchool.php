<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** At what laxity a drawer or Lachman test is positive. */
enum LaxitySchool: string
{
    case SideDifference = 'side_difference';
    case FiveMillimetre = 'five_millimetre';
    case GrossShift = 'gross_shift';

    public function label(): string
    {
        return match ($this) {
            self::SideDifference => 'more than the other knee',
            self::FiveMillimetre => '5 mm or more',
            self::GrossShift => 'gross shift only',
        };
    }
}

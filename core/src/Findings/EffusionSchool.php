<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** Which fluid sign is held to need the least fluid. */
enum EffusionSchool: string
{
    case SweepFirst = 'sweep_first';
    case TapFirst = 'tap_first';

    public function label(): string
    {
        return match ($this) {
            self::SweepFirst => 'sweep needs least fluid',
            self::TapFirst => 'tap needs least fluid',
        };
    }
}

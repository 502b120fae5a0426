<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** The order of manoeuvres that was chosen. */
enum Route: string
{
    case ClinicCore = 'clinic_core';
    case Touchline = 'touchline';
    case ClinicFull = 'clinic_full';
    case FocusCruciate = 'focus_cruciate';
    case FocusCollateral = 'focus_collateral';
    case FocusMeniscus = 'focus_meniscus';
    case FocusFront = 'focus_front';
    case LookAgain = 'look_again';

    public function label(): string
    {
        return match ($this) {
            self::Touchline => 'Touchline',
            self::ClinicCore => 'Clinic, core',
            self::ClinicFull => 'Clinic, full',
            self::FocusCruciate => 'Focus: cruciates',
            self::FocusCollateral => 'Focus: collaterals',
            self::FocusMeniscus => 'Focus: menisci',
            self::FocusFront => 'Focus: front of knee',
            self::LookAgain => 'Look again',
        };
    }

    /** What it is for, in a few words. */
    public function purpose(): string
    {
        return match ($this) {
            self::Touchline => 'can they go on?',
            self::ClinicCore => 'twelve minutes, then what is left open',
            self::ClinicFull => 'both knees, everything',
            self::LookAgain => 'what was left open first',
            default => 'one question',
        };
    }
}

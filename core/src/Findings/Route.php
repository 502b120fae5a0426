<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** The order of manoeuvres that was chosen. */
enum Route: string
{
    case Touchline = 'touchline';
    case ClinicCore = 'clinic_core';
    case ClinicFull = 'clinic_full';
    case FocusCruciate = 'focus_cruciate';
    case FocusCollateral = 'focus_collateral';
    case FocusMeniscus = 'focus_meniscus';
    case FocusFront = 'focus_front';
    case LookAgain = 'look_again';
}

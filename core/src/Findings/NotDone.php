<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** Why a manoeuvre was left out. */
enum NotDone: string
{
    case Pain = 'pain';
    case Time = 'time';
    case Declined = 'declined';
    case Position = 'position';
    case NotSafe = 'not_safe';
}

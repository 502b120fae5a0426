<?php

declare(strict_types=1);

namespace App\Clinic\Values;

/** What was said of an injury that was looked for; one that was not looked for is not said. */
enum InjuryState: string
{
    case Present = 'present';
    case Absent = 'absent';
}

<?php

declare(strict_types=1);

namespace App\Clinic\Values;

enum ProposalState: string
{
    /** Nobody has decided; it counts nowhere. */
    case Open = 'open';

    case Taken = 'taken';

    case TurnedDown = 'turned_down';
}

<?php

declare(strict_types=1);

namespace App\Club\Values;

enum ImportState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';

    /** Nothing of it was stored. */
    case Failed = 'failed';

    case TakenBack = 'taken_back';
}

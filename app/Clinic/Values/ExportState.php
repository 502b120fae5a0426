<?php

declare(strict_types=1);

namespace App\Clinic\Values;

enum ExportState: string
{
    case Waiting = 'waiting';
    case Ready = 'ready';
    case Failed = 'failed';
}

<?php

declare(strict_types=1);

namespace App\Exchange\Values;

enum TableExportState: string
{
    case Running = 'running';
    case Ready = 'ready';
    case Failed = 'failed';
}

<?php

declare(strict_types=1);

namespace App\Exchange\Values;

enum DeliveryState: string
{
    /** Not taken yet; it is tried again. */
    case Waiting = 'waiting';
    case Delivered = 'delivered';

    /** Not taken within a day. */
    case Failed = 'failed';
}

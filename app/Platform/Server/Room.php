<?php

declare(strict_types=1);

namespace App\Platform\Server;

/** How much room is left where the records lie. */
enum Room: string
{
    case Enough = 'enough';
    /** Under a tenth: still saved, and told to the person who keeps the server and to leads. */
    case Low = 'low';
    /** Nothing is saved until there is room again; what is stored can be read. */
    case Full = 'full';
}

<?php

declare(strict_types=1);

namespace App\Club\Import;

/** What becomes of a line of a list. */
enum LineStatus: string
{
    /** An athlete is made of it. */
    case New = 'new';

    /** They are here already, and stay as they are. */
    case Same = 'same';

    /** Much like someone who is here or stands above: another only where someone says so. */
    case Clash = 'clash';

    /** It cannot be read. */
    case Refused = 'refused';
}

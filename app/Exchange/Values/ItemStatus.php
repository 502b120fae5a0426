<?php

declare(strict_types=1);

namespace App\Exchange\Values;

/** What becomes of an examination or a result of a file. */
enum ItemStatus: string
{
    /** It is stored. */
    case New = 'new';

    /** It is here already, and stays as it is. */
    case Same = 'same';

    /** Whose it is stands nowhere in the file: a person says so. */
    case NeedsAthlete = 'needs_athlete';

    /** It cannot be stored. */
    case Refused = 'refused';
}

<?php

declare(strict_types=1);

namespace App\Clinic\Letters;

use App\Clinic\Models\Letter;
use RuntimeException;

/** Another person, or another tab, wrote on in between. */
final class StaleLetter extends RuntimeException
{
    /**
     * @param  Letter  $newer  with its versions
     */
    public function __construct(public readonly Letter $newer)
    {
        parent::__construct("The letter {$newer->id} was changed in between.");
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use RuntimeException;

/** Another person, or another tab, saved this part in between. */
final class StaleVersion extends RuntimeException
{
    /**
     * @param  Section|StoredRecord|null  $newer  as it stands now; null: not there any more
     */
    public function __construct(public readonly Part $part, public readonly Section|StoredRecord|null $newer)
    {
        parent::__construct("The part {$part->key()} was changed in between.");
    }
}

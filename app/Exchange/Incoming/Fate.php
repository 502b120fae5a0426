<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Club\Models\Athlete;
use App\Exchange\Values\ItemStatus;

/** What would become of one examination or result of a file. */
final readonly class Fate
{
    /**
     * @param  string  $why  empty where it is stored as it is
     * @param  Athlete|null  $athlete  whose it is; null: not known, or still to be added
     * @param  bool  $addsAthlete  the person named is added to the lists
     * @param  list<string>  $left  what of it is kept beside the examination without being read
     */
    public function __construct(
        public Item $item,
        public ItemStatus $status,
        public string $why = '',
        public ?Athlete $athlete = null,
        public bool $addsAthlete = false,
        public array $left = [],
    ) {
    }
}

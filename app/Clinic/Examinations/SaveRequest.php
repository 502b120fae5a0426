<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Values\Part;
use stdClass;

/** What every save says of itself: a key that is never used twice, the version it was made from, and by whom. */
final class SaveRequest
{
    /**
     * @param  int  $version  0 for a part that was not there yet
     * @param  string  $by  id of the person
     * @param  stdClass|null  $payload  null withdraws a record
     * @param  bool  $overOthers  whether this person may change what another person entered
     */
    public function __construct(
        public readonly string $key,
        public readonly int $version,
        public readonly string $by,
        public readonly ?stdClass $payload,
        public readonly bool $overOthers = true,
    ) {
    }

    /** Tells this save from every other one: person, part and content. */
    public function digest(Part $part): string
    {
        return hash('sha256', (string) json_encode([$this->by, $part->key(), $this->version, $this->payload]));
    }
}

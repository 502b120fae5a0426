<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Values\Part;

/** A save that was carried out, now or when it was first sent. */
final readonly class Saved
{
    /**
     * @param  array<string, mixed>  $assessment  of the whole examination as it now stands
     * @param  list<Part>  $beforeGate  records that a rule has closed on since
     * @param  int  $revision  of the examination, counting every change of any part
     */
    public function __construct(
        public Part $part,
        public int $version,
        public array $assessment,
        public array $beforeGate,
        public int $revision,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Trust\Audit;

/** Names the parts that records are changed by. */
interface NamesParts
{
    /** By its name; by its code where it is not known any more. */
    public function name(string $part): string;
}

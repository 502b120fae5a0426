<?php

declare(strict_types=1);

namespace App\Trust\Audit\Checks;

/** One kind of thing that must be as it was written. */
interface Check
{
    /**
     * @return iterable<string> what is wrong, a sentence each
     */
    public function faults(): iterable;
}

<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Values\Part;
use GrayCompass\Core\Safety\Hold;
use RuntimeException;

/** What may not be done now is not stored; the hold goes back with the refusal. */
final class HeldRecord extends RuntimeException
{
    /**
     * @param  string  $reason  as it is told
     */
    public function __construct(
        public readonly Part $part,
        public readonly Hold $hold,
        public readonly string $reason,
    ) {
        parent::__construct("The record {$part->key()} is held.");
    }
}

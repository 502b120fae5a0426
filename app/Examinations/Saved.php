<?php

declare(strict_types=1);

namespace App\Examinations;

/** A save that was carried out, now or when it was first sent. */
final class Saved
{
    /**
     * @param  array<string, mixed>  $assessment  of the whole examination as it now stands
     */
    public function __construct(
        public readonly string $part,
        public readonly int $version,
        public readonly array $assessment,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

/** How an examination comes in. */
final readonly class Arrival
{
    /**
     * @param  string  $origin  where it was recorded
     * @param  string  $import  id of the import that brings it
     * @param  bool  $isHistory  signed where it was recorded, and closed here
     * @param  array<string, mixed>  $unread  what came with it and has no place here, by path
     */
    public function __construct(
        public string $origin, public string $import, public bool $isHistory, public array $unread = [],
    ) {
    }
}

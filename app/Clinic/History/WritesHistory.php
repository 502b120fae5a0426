<?php

declare(strict_types=1);

namespace App\Clinic\History;

/** Writes a history as clients read it; the archive keeps it so. */
interface WritesHistory
{
    /**
     * @return array<string, mixed>
     */
    public function write(AthleteHistory $history): array;
}

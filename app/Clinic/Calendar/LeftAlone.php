<?php

declare(strict_types=1);

namespace App\Clinic\Calendar;

use App\Clinic\Models\Task;

/** A task that a file would have moved, and why it stays. */
final readonly class LeftAlone
{
    public function __construct(public Task $task, public string $reason)
    {
    }
}

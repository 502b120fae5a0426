<?php

declare(strict_types=1);

namespace App\Clinic\Calendar;

use App\Clinic\Models\Task;

/** What a calendar file that came back changed, and what it did not. */
final readonly class Returned
{
    /**
     * @param  list<Task>  $moved
     * @param  int  $same  stand on the same days
     * @param  list<LeftAlone>  $left
     * @param  int  $unknown  are no tasks of this team, or not any more
     */
    public function __construct(public array $moved, public int $same, public array $left, public int $unknown)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Today;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\Task;
use App\Club\Models\Athlete;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Pagination\LengthAwarePaginator;

/** What a practitioner sees first: what is unfinished, who was seen lately, and a page of the team's athletes. */
final readonly class Today
{
    /**
     * @param  Collection<int, Examination>  $unfinished  newest first
     * @param  int  $unfinishedInAll  however many are told
     * @param  Collection<int, Examination>  $seen  newest first
     * @param  LengthAwarePaginator<int, Athlete>  $athletes  by squad and number
     * @param  Collection<int, Task>  $due  overdue first
     * @param  Collection<int, Examination>  $toSign  that wait for a countersignature, longest first
     * @param  Collection<int, Proposal>  $proposals  longest waiting first
     */
    public function __construct(
        public Collection $unfinished,
        public int $unfinishedInAll,
        public Collection $seen,
        public LengthAwarePaginator $athletes,
        public Collection $due,
        public Collection $toSign,
        public Collection $proposals,
    ) {
    }
}

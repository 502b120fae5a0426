<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use App\Club\Models\Athlete;
use Illuminate\Database\Eloquent\Builder;

/** Says of whom nothing was kept since they were made; the clinic knows. */
interface WithoutHistory
{
    /**
     * @param  Builder<Athlete>  $athletes
     * @return Builder<Athlete> those among them without an examination, a task or a proposal
     */
    public function among(Builder $athletes): Builder;
}

<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use App\Club\Models\Athlete;
use App\Trust\Audit\NamesSubjects;

/** Of athletes, put away or not; an erased athlete has none. */
final class AthleteNames implements NamesSubjects
{
    public function names(array $ids): array
    {
        $names = [];
        foreach (Athlete::withTrashed()->whereKey($ids)->get() as $athlete) {
            $names[$athlete->id] = $athlete->name;
        }

        return $names;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Athlete;

final class AthleteSummary
{
    /**
     * @return array{id: string, name: string, number: string, squad: string, age: int}
     */
    public static function of(Athlete $athlete): array
    {
        return [
            'id' => $athlete->id,
            'name' => $athlete->name,
            'number' => $athlete->number,
            'squad' => $athlete->squad,
            'age' => (int) $athlete->born_on->diffInYears(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\AthleteResource;
use App\Models\Athlete;

final class AthleteController
{
    public function show(Athlete $athlete): AthleteResource
    {
        return new AthleteResource($athlete->load('episodes.examinations'));
    }
}

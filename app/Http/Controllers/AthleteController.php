<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Resources\AthleteResource;
use App\Models\Athlete;

final class AthleteController
{
    public function show(Athlete $athlete, Deeds $deeds): AthleteResource
    {
        $deeds->record(What::AthleteRead, $athlete->id);

        return new AthleteResource($athlete->load('episodes.examinations'));
    }
}

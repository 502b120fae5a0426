<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\AthleteSummary;
use App\Models\Athlete;
use Illuminate\Http\JsonResponse;

final class AthleteController
{
    public function show(Athlete $athlete): JsonResponse
    {
        $athlete->load('episodes.examinations');

        return response()->json([...AthleteSummary::of($athlete), 'examinations' => TodayController::examinations($athlete)]);
    }
}

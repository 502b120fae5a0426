<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\AthleteResource;
use App\Models\Athlete;
use Illuminate\Http\JsonResponse;

/** The athletes of the team, each with the examinations of their knees. */
final class TodayController
{
    public function __invoke(): JsonResponse
    {
        $athletes = Athlete::query()->with('episodes.examinations')->get()->sortBy('name')->values();

        return response()->json(['athletes' => AthleteResource::collection($athletes)]);
    }
}

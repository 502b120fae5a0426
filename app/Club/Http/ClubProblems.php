<?php

declare(strict_types=1);

namespace App\Club\Http;

use App\Club\Athletes\SimilarAthletes;
use App\Club\Http\Resources\AthleteResource;
use App\Club\Models\Athlete;
use App\Platform\Http\Problems as Platform;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;

/** How refusals about athletes are answered. */
final class ClubProblems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(SimilarAthletes::class);
        $exceptions->render(static fn (SimilarAthletes $similar): JsonResponse => Platform::answer(
            409,
            'name',
            __('club.problems.similar'),
            ['similar' => array_map(static fn (Athlete $one): array => AthleteResource::make($one)->resolve()
                + ['isArchived' => $one->trashed()], $similar->athletes)],
        ));
    }
}

<?php

declare(strict_types=1);

namespace App\Club\Http\Controllers;

use App\Club\Athletes\Roster;
use App\Club\Http\Resources\AthleteResource;
use App\Club\Models\Athlete;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** The athletes of a team: put away and taken back, and their squads. */
final readonly class AthleteController
{
    public function __construct(private Roster $roster)
    {
    }

    /** Out of the lists; nothing is lost, and restore() brings them back. */
    public function destroy(Athlete $athlete): Response
    {
        $this->roster->archive($athlete);

        return response()->noContent();
    }

    public function restore(Athlete $archived): Response
    {
        $this->roster->restore($archived);

        return response()->noContent();
    }

    /** Everyone of the team, with the birth dates by which they are told apart offline. */
    public function index(Request $request): JsonResponse
    {
        return response()->json($this->roster->all()->map(static fn (Athlete $athlete): array => [
            ...AthleteResource::make($athlete)->resolve($request),
            'bornOn' => $athlete->born_on->toDateString(),
        ])->all());
    }

    /** Who was put away, latest first. */
    public function archived(): AnonymousResourceCollection
    {
        return AthleteResource::collection($this->roster->archived());
    }

    /** Names of squads, to choose one by. */
    public function squads(): JsonResponse
    {
        return response()->json(Athlete::query()->distinct()->orderBy('squad')->pluck('squad'));
    }
}

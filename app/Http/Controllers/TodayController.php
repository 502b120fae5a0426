<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\AthleteSummary;
use App\Http\Resources\ExaminationSummary;
use App\Models\Athlete;
use App\Models\Episode;
use App\Models\Examination;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The athletes of the team, each with the examinations of their knees. */
final class TodayController
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();
        abort_unless($user instanceof User, 401);
        $athletes = Athlete::ofTeam($user->teamId())->with('episodes.examinations')->get();

        return response()->json(['athletes' => $athletes
            ->map(static fn (Athlete $athlete): array => [...AthleteSummary::of($athlete), 'examinations' => self::examinations($athlete)])
            ->sortBy('name')->values()->all()]);
    }

    /**
     * @return list<array<string, mixed>> newest first
     */
    public static function examinations(Athlete $athlete): array
    {
        $all = $athlete->episodes->flatMap(static fn (Episode $episode) => $episode->examinations
            ->map(static fn (Examination $examination): array => ExaminationSummary::of($examination, $episode)));

        return array_values($all->sortByDesc('examinedAt')->all());
    }
}

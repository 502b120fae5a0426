<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Athlete;
use App\Models\Episode;
use App\Models\Examination;
use App\Models\StudentScope;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Findings\KneeBaseline;
use GrayCompass\Core\Knee\Side;
use Illuminate\Database\Eloquent\Builder;

/** Visits of an athlete while both knees are sound. */
final class Baselines
{
    /** The last one that may still be compared with on a day: signed, and not too old. */
    public static function latest(string $athlete, CarbonImmutable $day): ?Examination
    {
        return Examination::query()->withoutGlobalScope(StudentScope::class)->standing()
            ->whereHas('episode', static fn (Builder $episode): Builder => $episode
                ->where('athlete_id', $athlete)->where('is_baseline', true))
            ->whereBetween('examined_at', [$day->startOfDay()->subDays(KneeBaseline::MOST_DAYS), $day])
            ->orderByDesc('examined_at')->first();
    }

    /** All of an athlete's stand in one story. Its side says nothing: the knees of it are both sound. */
    public static function story(Athlete $athlete): Episode
    {
        return $athlete->episodes()->where('is_baseline', true)->first()
            ?? Episode::query()->create([
                'athlete_id' => $athlete->id, 'hurt_side' => Side::Left, 'is_baseline' => true,
            ]);
    }
}

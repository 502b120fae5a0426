<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\StudentScope;
use App\Club\Models\Athlete;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Examination\KneeBaseline;
use GrayCompass\Core\Knee\Side;
use Illuminate\Database\Eloquent\Builder;

/** Visits of an athlete while both knees are sound. */
final class Baselines
{
    /** The last one that may still be compared with on a day. */
    public static function latest(string $athlete, CarbonImmutable $day): ?Examination
    {
        return self::comparable(Examination::query(), $day)
            ->whereHas('episode', static fn (Builder $episode): Builder => $episode
                ->where('athlete_id', $athlete)->where('is_baseline', true))
            ->orderByDesc('examined_at')->first();
    }

    /**
     * Of these athletes those who have none that may be compared with on a day.
     *
     * @param  Builder<Athlete>  $athletes
     */
    public static function lacking(Builder $athletes, CarbonImmutable $day): void
    {
        // Joined: asked for by “exists”, the database first gathers every signed examination of the team.
        $athletes->whereNotIn('id', self::comparable(Examination::query(), $day)
            ->join('episodes', 'episodes.id', '=', 'examinations.episode_id')
            ->where('episodes.is_baseline', true)->whereNull('episodes.deleted_at')
            ->select('episodes.athlete_id'));
    }

    /**
     * Signed, and not too old.
     *
     * @param  Builder<Examination>  $visits
     * @return Builder<Examination>
     */
    private static function comparable(Builder $visits, CarbonImmutable $day): Builder
    {
        return $visits->withoutGlobalScope(StudentScope::class)->current()
            ->whereBetween('examined_at', [$day->startOfDay()->subDays(KneeBaseline::MOST_DAYS), $day]);
    }

    /** All of an athlete's stand in one episode. Its side says nothing: the knees of it are both sound. */
    public static function episode(Athlete $athlete): Episode
    {
        return Episode::query()->where('athlete_id', $athlete->id)->where('is_baseline', true)->first()
            ?? Episode::query()->create([
                'athlete_id' => $athlete->id, 'hurt_side' => Side::Left, 'is_baseline' => true,
            ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Episode;
use App\Club\Models\Athlete;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Knee\Side;
use Illuminate\Database\Eloquent\Builder;

/** Episodes of the knees of athletes. */
final class Episodes
{
    /**
     * The episode that began on the same day on the same side, or a new one.
     *
     * @param  CarbonImmutable|null  $injuredOn  null: it came on without an injury
     */
    public static function begun(Athlete $athlete, Side $side, ?CarbonImmutable $injuredOn): Episode
    {
        $injury = [
            'athlete_id' => $athlete->id, 'hurt_side' => $side, 'injured_on' => $injuredOn?->toDateString(),
        ];

        return Episode::query()->where($injury)->where('is_baseline', false)->first()
            ?? Episode::query()->create($injury);
    }

    /**
     * Removes those of these in which nothing is kept any more.
     *
     * @param  list<string>  $ids
     */
    public static function removeEmpty(array $ids): void
    {
        $all = static fn (Builder $rows): Builder => $rows->withoutGlobalScopes();
        Episode::query()->whereKey($ids)->whereDoesntHave('examinations', $all)->whereDoesntHave('referenceResults', $all)
            ->forceDelete();
    }
}

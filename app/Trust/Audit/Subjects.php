<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Access\Models\User;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Platform\Audit\Deed;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Whose knee, or whose account, some deeds were about. */
final class Subjects
{
    /**
     * @param  list<Deed>  $deeds  of the team that asks
     * @return array<string, string> names by id; whoever is erased has none
     */
    public static function names(array $deeds): array
    {
        $ids = array_values(array_unique(array_filter(array_map(
            static fn (Deed $deed): ?string => $deed->subject,
            $deeds,
        ))));
        $names = [];
        foreach (User::query()->without('membership')->whereKey($ids)->get() as $user) {
            $names[$user->id] = $user->name;
        }
        foreach (Athlete::withTrashed()->whereKey($ids)->get() as $athlete) {
            $names[$athlete->id] = $athlete->name;
        }
        $examinations = Examination::withTrashed()->whereKey($ids)->with([
            'episode' => static fn (BelongsTo $episodes) => $episodes->withTrashed(), 'episode.athlete',
        ])->get();
        foreach ($examinations as $examination) {
            $names[$examination->id] = $examination->episode->athlete->name;
        }

        return $names;
    }
}

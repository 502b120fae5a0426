<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Models\Examination;
use App\Trust\Audit\NamesSubjects;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Of an examination its athlete's. */
final class ExaminationNames implements NamesSubjects
{
    public function names(array $ids): array
    {
        $examinations = Examination::withTrashed()->whereKey($ids)->with([
            'episode' => static fn (BelongsTo $episodes) => $episodes->withTrashed(), 'episode.athlete',
        ])->get();
        $names = [];
        foreach ($examinations as $examination) {
            $names[$examination->id] = $examination->episode->athlete->name;
        }

        return $names;
    }
}

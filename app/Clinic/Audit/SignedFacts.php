<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;

/** What stands around the findings of a signed examination: whose knee, who examined, who signed and when, who saved what. */
final class SignedFacts
{
    /**
     * Only where it is signed.
     *
     * @return string SHA-256
     */
    public static function digest(Examination $examination): string
    {
        $episode = $examination->episode;
        $saved = static fn (Section|StoredRecord $row): array => [$row->version, $row->saved_by];

        return hash('sha256', json_encode([
            $examination->id, $examination->team_id, $examination->status->value,
            $episode->athlete_id, $episode->hurt_side->value, $episode->injured_on?->toDateString(), $episode->is_baseline,
            $examination->examiner_id, $examination->signed_by, $examination->signed_at?->toIso8601ZuluString(),
            $examination->signed_ungated, $examination->supersedes_id, $examination->baseline_id,
            $examination->sections->mapWithKeys(static fn (Section $one): array => [$one->name => $saved($one)])->all(),
            $examination->records->map(static fn (StoredRecord $one): array => [
                $one->manoeuvre, $one->side, $one->sequence, $one->before_gate, ...$saved($one),
            ])->values()->all(),
            ...($examination->origin === null ? [] : [$examination->origin]),
        ], JSON_THROW_ON_ERROR));
    }
}

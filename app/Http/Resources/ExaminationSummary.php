<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Episode;
use App\Models\Examination;

final class ExaminationSummary
{
    /**
     * @return array<string, mixed>
     */
    public static function of(Examination $examination, Episode $episode): array
    {
        return [
            'id' => $examination->id,
            'status' => $examination->status,
            'examinedAt' => $examination->examined_at->toIso8601ZuluString(),
            'hurtSide' => $episode->hurt_side,
            'injuredOn' => $episode->injured_on?->toDateString(),
        ];
    }
}

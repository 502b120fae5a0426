<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Access\Teams\TeamDays;
use App\Clinic\Examinations\AthletePast;
use App\Clinic\Examinations\KneePast;
use App\Club\Models\Athlete;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Date;

/**
 * What is known of an athlete's knees today.
 *
 * @property Athlete $resource
 */
final class AthletePastResource extends JsonResource
{
    public static $wrap = null;

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $now = Date::now();

        return [
            'on' => TeamDays::ofTeam($this->resource->team_id)->day($now)->toDateString(),
            'knees' => array_map(self::knee(...), AthletePast::of($this->resource, $now)),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function knee(KneePast $past): array
    {
        $episode = $past->episode;

        return [
            'episode' => $episode->exists ? $episode->id : null,
            'isBaseline' => $episode->is_baseline,
            'hurtSide' => $episode->hurt_side->value,
            'injuredOn' => $episode->injured_on?->toDateString(),
            'sections' => (object) $past->sections,
            'basis' => $past->basis,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Examination;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One line of a list.
 *
 * @property-read Examination $resource
 */
final class ExaminationSummaryResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'episode' => $this->resource->episode_id,
            'status' => $this->resource->status->value,
            'examinedAt' => $this->resource->examined_at->toIso8601ZuluString(),
            'isBaseline' => $this->resource->episode->is_baseline,
            'hurtSide' => $this->resource->episode->hurt_side->value,
            'injuredOn' => $this->resource->episode->injured_on?->toDateString(),
        ];
    }
}

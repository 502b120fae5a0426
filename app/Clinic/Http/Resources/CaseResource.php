<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Examination;
use App\Club\Http\Resources\AthleteResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An examination in a list, with whose it is.
 *
 * @property-read Examination $resource
 */
final class CaseResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'athlete' => (new AthleteResource($this->resource->episode->athlete))->resolve($request),
            'examination' => (new ExaminationSummaryResource($this->resource))->resolve($request),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Club\Http\Resources;

use App\Club\Models\Import;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A list that came in, and how far it is.
 *
 * @property-read Import $resource
 */
final class ImportResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'state' => $this->resource->state->value,
            'total' => $this->resource->total,
            'done' => $this->resource->done,
            'at' => $this->resource->created_at->toIso8601ZuluString(),
            'problem' => $this->resource->problem,
            'canBeTakenBack' => $this->resource->canBeTakenBack(),
        ];
    }
}

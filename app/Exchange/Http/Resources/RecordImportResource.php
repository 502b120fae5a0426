<?php

declare(strict_types=1);

namespace App\Exchange\Http\Resources;

use App\Exchange\Models\RecordImport;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A file with records that came in, and how far it is.
 *
 * @property-read RecordImport $resource
 */
final class RecordImportResource extends JsonResource
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
            'origin' => $this->resource->origin,
            'problem' => $this->resource->problem,
            'canBeTakenBack' => $this->resource->canBeTakenBack(),
        ];
    }
}

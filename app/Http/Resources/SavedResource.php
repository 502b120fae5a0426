<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Examinations\Saved;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The answer to a save.
 *
 * @property-read Saved $resource
 */
final class SavedResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'part' => $this->resource->part,
            'version' => $this->resource->version,
            'assessment' => $this->resource->assessment,
            'beforeGate' => $this->resource->beforeGate,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One stored part of an examination with its version.
 *
 * @property-read Section|StoredRecord $resource
 */
final class PartResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $part = $this->resource;

        return [
            ...($part instanceof Section
                ? ['name' => $part->name]
                : ['manoeuvre' => $part->manoeuvre, 'side' => $part->side, 'beforeGate' => $part->before_gate]),
            'version' => $part->version,
            'payload' => $part->payload,
        ];
    }
}

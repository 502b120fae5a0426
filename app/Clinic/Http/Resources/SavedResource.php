<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Examinations\PartHashes;
use App\Clinic\Examinations\Saved;
use App\Clinic\Values\Part;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The answer to a save: of the assessment only what the asker does not hold yet.
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
        $marks = PartHashes::of($this->resource->assessment);

        return [
            'part' => $this->resource->part->key(),
            'version' => $this->resource->version,
            'revision' => $this->resource->revision,
            'assessment' => (object) $marks->changedSince((array) $request->input('known', [])),
            'marks' => $marks->byPart,
            'beforeGate' => array_map(static fn (Part $part): string => $part->key(), $this->resource->beforeGate),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Examination;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An examination with all its parts and what is made of them.
 *
 * @property-read Examination $resource
 */
final class ExaminationResource extends JsonResource
{
    /** What a whole examination is read with: no more, and nothing twice. */
    public const WITH = ['sections', 'findings', 'episode.athlete', 'examiner', 'signer'];

    /**
     * @param  array<string, mixed>  $assessment
     */
    public function __construct(Examination $examination, private readonly array $assessment)
    {
        parent::__construct($examination);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'status' => $this->resource->status->value,
            'examinedAt' => $this->resource->examined_at->toIso8601ZuluString(),
            'signedAt' => $this->resource->signed_at?->toIso8601ZuluString(),
            'signedBy' => $this->resource->signer?->name,
            'signedUngated' => $this->resource->signed_ungated,
            'revision' => $this->resource->revision,
            'examiner' => $this->resource->examiner->name,
            'athlete' => AthleteResource::make($this->resource->episode->athlete)->resolve($request),
            'sections' => PartResource::collection($this->resource->sections)->resolve($request),
            'findings' => PartResource::collection($this->resource->findings)->resolve($request),
            'assessment' => $this->assessment,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Examinations\Basis;
use App\Clinic\Examinations\LastLook;
use App\Clinic\Models\Addendum;
use App\Clinic\Models\Examination;
use App\Club\Http\Resources\AthleteResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An examination with all its parts and what is made of them.
 *
 * @property-read Examination $resource
 */
final class ExaminationResource extends JsonResource
{
    /**
     * @param  array<string, mixed>  $assessment
     */
    public function __construct(
        Examination $examination,
        private readonly array $assessment,
        private readonly LastLook $looks,
    ) {
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
            'origin' => $this->resource->origin,
            'signedUngated' => $this->resource->signed_ungated,
            'revision' => $this->resource->revision,
            'examiner' => $this->resource->examinedBy(),
            'athlete' => AthleteResource::make($this->resource->episode->athlete)->resolve($request),
            'athleteReads' => $this->resource->episode->athlete->language()->value,
            'sections' => PartResource::collection($this->resource->sections)->resolve($request),
            'records' => PartResource::collection($this->resource->records)->resolve($request),
            'askedAt' => $this->resource->asked_at?->toIso8601ZuluString(),
            'addenda' => array_values($this->resource->addenda->map(static fn (Addendum $one): array => [
                'id' => $one->id,
                'words' => $one->words,
                'by' => $one->writer->name ?? __('papers.person.former_member'),
                'at' => $one->created_at->toIso8601ZuluString(),
            ])->all()),
            'lastTime' => $this->resource->isSigned() ? null : $this->looks->before($this->resource),
            'twin' => $this->twin(),
            'episode' => $this->resource->episode_id,
            'isBaseline' => $this->resource->episode->is_baseline,
            'baseline' => $this->resource->isSigned() ? null : $this->looks->baseline($this->resource),
            'supersedes' => $this->resource->supersedes_id,
            'supersededBy' => $this->resource->superseding === null ? null : [
                'id' => $this->resource->superseding->id, 'isSigned' => $this->resource->superseding->isSigned(),
            ],
            'basis' => Basis::of($this->resource),
            'assessment' => $this->assessment,
        ];
    }

    /**
     * The other knee at the same visit, where both are hurt.
     *
     * @return array{id: string, isSigned: bool}|null
     */
    private function twin(): ?array
    {
        $twin = $this->resource->twin;

        return $twin === null ? null : ['id' => $twin->id, 'isSigned' => $twin->isSigned()];
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Today\Today;
use App\Club\Http\Resources\AthleteResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The first screen.
 *
 * @property-read Today $resource
 */
final class TodayResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $athletes = $this->resource->athletes;

        return [
            'due' => TaskResource::collection($this->resource->due)->resolve($request),
            'proposals' => ProposalResource::collection($this->resource->proposals)->resolve($request),
            'toSign' => CaseResource::collection($this->resource->toSign)->resolve($request),
            'unfinished' => CaseResource::collection($this->resource->unfinished)->resolve($request),
            'unfinishedInAll' => $this->resource->unfinishedInAll,
            'seen' => CaseResource::collection($this->resource->seen)->resolve($request),
            'athletes' => AthleteResource::collection($athletes->getCollection())->resolve($request),
            'total' => $athletes->total(),
            'page' => $athletes->currentPage(),
            'pages' => $athletes->lastPage(),
        ];
    }
}

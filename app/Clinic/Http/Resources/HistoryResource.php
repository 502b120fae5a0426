<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Course\VisitLine;
use App\Clinic\History\AthleteHistory;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\Snapshot;
use App\Club\Http\Resources\AthleteResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An athlete with all that is known, and the examinations of both knees, newest first.
 *
 * @property-read AthleteHistory $resource
 */
final class HistoryResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $history = $this->resource;
        $athlete = AthleteResource::make($history->athlete);

        return [
            ...$athlete->toArray($request),
            ...$athlete->known($request),
            'tasks' => TaskResource::collection($history->tasks)->resolve($request),
            'proposals' => ProposalResource::collection($history->proposals)->resolve($request),
            'episodes' => EpisodeResource::all($history->episodes, $request),
            'letters' => $this->letters(),
            'examinations' => $this->visits($request),
        ];
    }

    /**
     * Newest first.
     *
     * @return list<array<string, mixed>>
     */
    private function letters(): array
    {
        return array_values($this->resource->letters->map(static fn (Letter $letter): array => [
            ...LetterResource::line($letter), 'examination' => $letter->examination_id,
        ])->all());
    }

    /**
     * Newest first, and of each whether another took its place.
     *
     * @return list<array<string, mixed>>
     */
    private function visits(Request $request): array
    {
        $examinations = $this->resource->examinations()->sortByDesc('examined_at')->values();
        $replaced = $examinations
            ->filter(static fn (Examination $one): bool => $one->isSigned())->pluck('supersedes_id')->filter();

        $snapshots = Snapshot::query()->whereIn('examination_id', $examinations->pluck('id'))->get()
            ->keyBy('examination_id');

        return array_values($examinations->map(static fn (Examination $one): array => [
            ...(new ExaminationSummaryResource($one))->toArray($request),
            'corrected' => $replaced->contains($one->id),
            'came' => self::came($one, $snapshots->get($one->id)),
        ])->all());
    }

    /**
     * What a signed visit came to; a baseline weighs nothing.
     *
     * @return array<string, mixed>|null
     */
    private static function came(Examination $visit, ?Snapshot $snapshot): ?array
    {
        return $snapshot === null || ! $visit->isSigned() || $visit->episode->is_baseline
            ? null
            : VisitLine::of($snapshot);
    }
}

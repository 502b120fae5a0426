<?php

declare(strict_types=1);

namespace App\Club\Http\Resources;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Clinic\Course\VisitLine;
use App\Clinic\Http\Resources\ExaminationSummaryResource;
use App\Clinic\Http\Resources\LetterResource;
use App\Clinic\Http\Resources\ProposalResource;
use App\Clinic\Http\Resources\StoryResource;
use App\Clinic\Http\Resources\TaskResource;
use App\Clinic\Models\Assessment;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Club\Models\Athlete;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Arr;
use Illuminate\Support\Collection;
use stdClass;

/**
 * An athlete; with all that is known and the examinations of both knees, newest first, where the episodes were loaded.
 *
 * @property-read Athlete $resource
 */
final class AthleteResource extends JsonResource
{
    private const FOR_WHO_ANSWERS = ['notes', 'doctor'];

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $isWhole = $this->resource->relationLoaded('episodes');

        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'number' => $this->resource->number,
            'squad' => $this->resource->squad,
            'bornOn' => $this->when($isWhole, fn (): string => $this->resource->born_on->toDateString()),
            'profile' => $this->when($isWhole, fn (): object => $this->profile($request)),
            'age' => $this->resource->age(TeamDays::here()->today()),
            'tasks' => $this->when(
                $isWhole,
                fn (): array => TaskResource::collection($this->resource->tasks)->resolve($request),
            ),
            'proposals' => $this->when(
                $isWhole,
                fn (): array => ProposalResource::collection($this->resource->proposals)->resolve($request),
            ),
            'stories' => $this->when(
                $isWhole,
                fn (): array => StoryResource::all($this->resource->episodes, $request),
            ),
            'letters' => $this->when($isWhole, fn (): array => $this->letters()),
            'examinations' => $this->when(
                $isWhole,
                fn (): array => $this->visits($request),
            ),
        ];
    }

    /** What those note who answer for the athlete is not for a student. */
    private function profile(Request $request): object
    {
        $known = $this->resource->profile ?? new stdClass;
        $user = $request->user();
        $seesAll = $user instanceof User && $user->role()->answers();

        return $seesAll ? $known : (object) Arr::except((array) $known, self::FOR_WHO_ANSWERS);
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
        $examinations = $this->examinations();
        $replaced = $examinations
            ->filter(static fn (Examination $one): bool => $one->isSigned())->pluck('supersedes_id')->filter();

        $snapshots = Assessment::query()->whereIn('examination_id', $examinations->pluck('id'))->get()
            ->keyBy('examination_id');

        return array_values($examinations->map(static fn (Examination $one): array => [
            ...(new ExaminationSummaryResource($one))->toArray($request),
            'corrected' => $replaced->contains($one->id),
            'came' => $snapshots->has($one->id) && $one->isSigned() && ! $one->episode->is_baseline
                ? VisitLine::of($snapshots->get($one->id) ?? new Assessment)
                : null,
        ])->all());
    }

    /**
     * @return Collection<int, Examination>
     */
    private function examinations(): Collection
    {
        return $this->resource->episodes
            ->flatMap(static fn (Episode $episode): Collection => $episode->examinations->each->setRelation(
                'episode',
                $episode,
            ))
            ->sortByDesc('examined_at')
            ->values();
    }
}

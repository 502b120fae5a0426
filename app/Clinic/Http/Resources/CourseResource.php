<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Access\Teams\TeamDays;
use App\Clinic\Course\Visit;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Club\Http\Resources\AthleteResource;
use GrayCompass\Core\Course\CourseMeasure;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The course of one knee: what happened when, and the curves over its visits.
 *
 * @property-read Episode $resource
 */
final class CourseResource extends JsonResource
{
    /**
     * @param  list<CourseMeasure>  $curves
     * @param  list<Visit>  $visits  oldest first
     * @param  list<Visit>  $baselines  of the same athlete, newest first
     */
    public function __construct(
        Episode $resource, private readonly array $curves, private readonly array $visits,
        private readonly array $baselines,
    ) {
        parent::__construct($resource);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $measured = array_merge(...array_map(static fn (Visit $one): array => $one->values, $this->visits));
        $curves = array_filter($this->curves, static fn (CourseMeasure $one): bool => isset($measured[$one->id]));

        return [
            'athlete' => AthleteResource::make($this->resource->athlete)->resolve($request),
            'episode' => EpisodeResource::make($this->resource)->resolve($request),
            'curves' => array_values(array_map(static fn (CourseMeasure $one): array => [
                'id' => $one->id, 'label' => $one->label, 'unit' => $one->unit, 'error' => $one->error,
                'better' => $one->better->value,
            ], $curves)),
            'visits' => array_map(self::visit(...), $this->visits),
            'baselines' => array_map(static fn (Visit $one): array => [
                'examination' => $one->examination->id,
                'at' => $one->examination->examined_at->toIso8601ZuluString(),
            ], $this->baselines),
            'asked' => $this->asked(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function visit(Visit $visit): array
    {
        return [
            'examination' => $visit->examination->id,
            'at' => $visit->examination->examined_at->toIso8601ZuluString(),
            'chances' => array_map(EpisodeResource::chance(...), $visit->chances),
            'values' => array_map(static fn (string $curve, float $value): array => [
                'curve' => $curve, 'value' => $value, 'grade' => $visit->grades[$curve] ?? null,
            ], array_keys($visit->values), $visit->values),
        ];
    }

    /**
     * To whom the knee was sent, and what came of it.
     *
     * @return list<array<string, mixed>>
     */
    private function asked(): array
    {
        $athlete = $this->resource->athlete;
        $examinations = $this->resource->examinations->pluck('id');

        return array_values(Task::query()->where('athlete_id', $athlete->id)->where('kind', TaskKind::Referral)
            ->whereIn('examination_id', $examinations)->orderBy('id')->get()
            ->map(static fn (Task $task): array => [
                'title' => $task->content['title'],
                'at' => $task->created_at === null ? null : TeamDays::here()->day($task->created_at)->toDateString(),
                'state' => $task->state->value,
                'closing' => $task->closing,
            ])->all());
    }
}

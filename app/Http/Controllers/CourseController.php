<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Course\Comparison;
use App\Course\Course;
use App\Course\Visit;
use App\Http\Requests\ComparisonRequest;
use App\Http\Resources\CourseResource;
use App\Models\Episode;
use Illuminate\Http\JsonResponse;

/** How a knee went, from visit to visit. */
final readonly class CourseController
{
    public function __construct(private Course $course, private Deeds $deeds)
    {
    }

    public function show(Episode $episode): CourseResource
    {
        $this->deeds->record(What::AthleteRead, $episode->athlete_id);
        $episode->load(['athlete', 'examinations', 'outcomes.attachments']);

        return new CourseResource(
            $episode, $this->course->curves(), $this->course->of($episode), $this->course->baselines($episode),
        );
    }

    /** Two visits beside each other, measure by measure. */
    public function compare(ComparisonRequest $request, Episode $episode): JsonResponse
    {
        $visits = collect([...$this->course->of($episode), ...$this->course->baselines($episode)])
            ->keyBy(static fn (Visit $one): string => $one->examination->id);
        $before = $visits->get($request->earlier()) ?? abort(404);
        $after = $visits->get($request->later()) ?? abort(404);

        return response()->json(Comparison::of($this->course->curves(), $before, $after)->lines());
    }
}

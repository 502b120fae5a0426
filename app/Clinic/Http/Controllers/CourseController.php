<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Course\Comparison;
use App\Clinic\Course\Course;
use App\Clinic\Course\Visit;
use App\Clinic\Http\Requests\ComparisonRequest;
use App\Clinic\Http\Resources\CourseResource;
use App\Clinic\Models\Episode;
use App\Platform\Audit\Deeds;
use App\Platform\Audit\What;
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

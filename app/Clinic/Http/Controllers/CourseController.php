<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Course\Course;
use App\Clinic\Course\Visit;
use App\Clinic\Course\VisitComparison;
use App\Clinic\Http\Requests\ComparisonRequest;
use App\Clinic\Http\Resources\CourseResource;
use App\Clinic\Models\Episode;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Http\JsonResponse;

/** How a knee went, from visit to visit. */
final readonly class CourseController
{
    public function __construct(private Course $course, private AuditLog $log)
    {
    }

    public function show(Episode $episode): CourseResource
    {
        $this->log->record(AuditEvent::AthleteRead, $episode->athlete_id);
        $episode->load(['athlete', 'examinations', 'referenceResults.attachments']);

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

        return response()->json(VisitComparison::of($this->course->curves(), $before, $after)->lines());
    }
}

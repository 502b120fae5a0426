<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Assessment;
use App\Models\Examination;
use GrayCompass\Core\AssessmentWriter;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\Findings\Examination as ExaminationValues;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Route\LastTime;

/** What the core makes of a stored examination; for a signed one, what it made of it when it was signed. */
final class Judge
{
    public function __construct(private readonly Assessor $assessor)
    {
    }

    /**
     * The assessment without the repeatable input, which only the weigh-up asks for.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function assessment(Examination $examination, ?ExaminationValues $values = null): array
    {
        $snapshot = $examination->isSigned() ? Assessment::query()->where('examination_id', $examination->id)->first() : null;
        if ($snapshot !== null) {
            return $snapshot->payload;
        }
        $values ??= $this->assessor->read((new Document($examination))->content);
        $assessment = AssessmentWriter::write($this->assessor->assess($values, $this->lastTime($examination, $values)));
        unset($assessment['weighing']);

        return $assessment;
    }

    /** Only the route of a knee that is looked at again asks for the time before. */
    private function lastTime(Examination $examination, ExaminationValues $values): ?LastTime
    {
        if ($values->route !== Route::LookAgain) {
            return null;
        }
        $earlier = Examination::query()
            ->where('episode_id', $examination->episode_id)
            ->where('id', '!=', $examination->id)
            ->where('examined_at', '<=', $examination->examined_at);
        $earlier->orderByDesc('examined_at')->orderByDesc('id');
        $before = $earlier->first();

        return $before === null ? null : $this->assessor->lastTime($this->assessor->read((new Document($before->load(['sections', 'findings'])))->content));
    }
}

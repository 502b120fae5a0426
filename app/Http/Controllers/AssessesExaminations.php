<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Saved;
use GrayCompass\Core\AssessmentWriter;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Findings\Examination;
use Illuminate\Http\JsonResponse;

/** How a judged examination is answered. */
trait AssessesExaminations
{
    public function __construct(private readonly Assessor $assessor)
    {
    }

    /**
     * The assessment without the repeatable input, which only the weigh-up asks for.
     *
     * @return array<string, mixed>
     */
    private function assessed(Examination $examination): array
    {
        $assessment = AssessmentWriter::write($this->assessor->assess($examination));
        unset($assessment['weighing']);

        return $assessment;
    }

    private function answer(Saved $saved): JsonResponse
    {
        return response()->json([
            'part' => $saved->part,
            'version' => $saved->version,
            'assessment' => $this->assessed($saved->examination),
        ]);
    }
}

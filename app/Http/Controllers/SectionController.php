<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Recorder;
use App\Examinations\SectionName;
use App\Http\Requests\PartRequest;
use App\Models\Examination;
use Illuminate\Http\JsonResponse;

/** The parts that are saved as a whole: frame, story, gate, pulse log. */
final class SectionController
{
    use AssessesExaminations;

    public function update(PartRequest $request, Examination $examination, SectionName $section, Recorder $recorder): JsonResponse
    {
        return $this->answer($examination, $recorder->section($examination, $section, $request->save()));
    }
}

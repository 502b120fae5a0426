<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Recorder;
use App\Http\Requests\PartRequest;
use App\Models\Examination;
use App\Models\Section;
use Illuminate\Http\JsonResponse;

/** Frame, opening, episode, history and safety gate. */
final class SectionController
{
    use AssessesExaminations;

    public function update(PartRequest $request, Examination $examination, string $section, Recorder $recorder): JsonResponse
    {
        abort_unless(in_array($section, Section::NAMES, true), 404);

        return $this->answer($examination, $recorder->section($examination, $section, $request->payload(), $request->save()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Recorder;
use App\Examinations\SectionName;
use App\Http\Requests\PartRequest;
use App\Http\Resources\SavedResource;
use App\Models\Examination;

/** The parts that are saved as a whole: frame, story, gate, pulse log. */
final readonly class SectionController
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function update(PartRequest $request, Examination $examination, SectionName $section): SavedResource
    {
        return new SavedResource($this->recorder->section($examination, $section, $request->save()));
    }
}

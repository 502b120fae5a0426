<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Examinations\Recorder;
use App\Clinic\Http\Requests\PartRequest;
use App\Clinic\Http\Resources\SavedResource;
use App\Clinic\Models\Examination;
use App\Clinic\Values\SectionName;

/** The parts that are saved as a whole: frame, history, gate, pulse log. */
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

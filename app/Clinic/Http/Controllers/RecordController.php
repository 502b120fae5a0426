<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Examinations\Recorder;
use App\Clinic\Http\Requests\PartRequest;
use App\Clinic\Http\Resources\SavedResource;
use App\Clinic\Models\Examination;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Knee\Side;

/** One manoeuvre on one knee, saved as it is entered. */
final readonly class RecordController
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function update(
        PartRequest $request,
        Examination $examination,
        Manoeuvre $manoeuvre,
        Side $side,
    ): SavedResource {
        return new SavedResource($this->recorder->record($examination, $manoeuvre, $side, $request->save()));
    }

    public function destroy(
        PartRequest $request,
        Examination $examination,
        Manoeuvre $manoeuvre,
        Side $side,
    ): SavedResource {
        return new SavedResource($this->recorder->record($examination, $manoeuvre, $side, $request->takeBack()));
    }
}

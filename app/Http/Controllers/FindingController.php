<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Recorder;
use App\Http\Requests\PartRequest;
use App\Models\Examination;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Knee\Side;
use Illuminate\Http\JsonResponse;

/** One manoeuvre on one knee, saved as it is entered. */
final class FindingController
{
    use AssessesExaminations;

    public function update(PartRequest $request, Examination $examination, Manoeuvre $manoeuvre, Side $side, Recorder $recorder): JsonResponse
    {
        return $this->answer($examination, $recorder->finding($examination, $manoeuvre, $side, $request->save()));
    }

    public function destroy(PartRequest $request, Examination $examination, Manoeuvre $manoeuvre, Side $side, Recorder $recorder): JsonResponse
    {
        return $this->answer($examination, $recorder->finding($examination, $manoeuvre, $side, $request->takeBack()));
    }
}

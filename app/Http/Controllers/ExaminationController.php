<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Document;
use App\Examinations\Starter;
use App\Http\Requests\StartRequest;
use App\Http\Resources\AthleteSummary;
use App\Http\Resources\ExaminationParts;
use App\Models\Athlete;
use App\Models\Examination;
use Illuminate\Http\JsonResponse;

final class ExaminationController
{
    use AssessesExaminations;

    public function store(StartRequest $request, Athlete $athlete, Starter $starter): JsonResponse
    {
        $examination = $starter->start(
            $athlete,
            $request->user()->id ?? abort(401),
            $request->string('hurtSide')->toString(),
            $request->input('daysSinceInjury') === null ? null : $request->integer('daysSinceInjury'),
            $request->string('setting')->toString(),
            $request->string('route')->toString(),
        );

        return response()->json(['id' => $examination->id], 201);
    }

    public function show(Examination $examination): JsonResponse
    {
        $examination->load(['sections', 'findings', 'episode.athlete', 'examiner']);

        return response()->json([
            'id' => $examination->id,
            'status' => $examination->status,
            'examinedAt' => $examination->examined_at->toIso8601ZuluString(),
            'examiner' => $examination->examiner->name,
            'athlete' => AthleteSummary::of($examination->episode->athlete),
            ...ExaminationParts::all($examination),
            'assessment' => $this->assessed($this->assessor->read((new Document($examination))->content)),
        ]);
    }

    /** The open file format. */
    public function document(Examination $examination): JsonResponse
    {
        return response()->json((new Document($examination->load(['sections', 'findings'])))->content);
    }
}

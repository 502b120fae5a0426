<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Document;
use App\Examinations\Signer;
use App\Examinations\Starter;
use App\Http\Requests\StartRequest;
use App\Http\Resources\AthleteSummary;
use App\Http\Resources\ExaminationParts;
use App\Models\Athlete;
use App\Models\Examination;
use App\Models\Role;
use App\Reports\SummaryPdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

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
            $request->input('setting') === null ? null : $request->string('setting')->toString(),
            $request->string('route')->toString(),
        );

        return response()->json(['id' => $examination->id], 201);
    }

    public function show(Examination $examination): JsonResponse
    {
        return $this->whole($examination->load(['sections', 'findings', 'episode.athlete', 'examiner']));
    }

    /** Closes the examination for good; whoever may record may sign, but for students. */
    public function sign(Request $request, Examination $examination, Signer $signer): JsonResponse
    {
        abort_if($request->user()?->membership->role === Role::Student, 403, 'A student cannot sign.');

        return $this->whole($signer->sign($examination));
    }

    /** The summary on paper. */
    public function pdf(Examination $examination, SummaryPdf $pdf): Response
    {
        $examination->load(['sections', 'findings', 'episode.athlete', 'examiner']);

        return response($pdf->render($examination, $this->judge->assessment($examination)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"knee-{$examination->examined_at->format('Y-m-d')}.pdf\"",
        ]);
    }

    /** The open file format. */
    public function document(Examination $examination): JsonResponse
    {
        return response()->json(Document::of($examination->load(['sections', 'findings']))->content());
    }

    private function whole(Examination $examination): JsonResponse
    {
        return response()->json([
            'id' => $examination->id,
            'status' => $examination->status,
            'examinedAt' => $examination->examined_at->toIso8601ZuluString(),
            'signedAt' => $examination->signed_at?->toIso8601ZuluString(),
            'examiner' => $examination->examiner->name,
            'athlete' => AthleteSummary::of($examination->episode->athlete),
            ...ExaminationParts::all($examination),
            'assessment' => $this->judge->assessment($examination),
        ]);
    }
}

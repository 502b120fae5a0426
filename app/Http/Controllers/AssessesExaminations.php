<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Judge;
use App\Examinations\Saved;
use App\Models\Examination;
use App\Models\Finding;
use Illuminate\Http\JsonResponse;

/** How a judged examination is answered. */
trait AssessesExaminations
{
    public function __construct(private readonly Judge $judge)
    {
    }

    private function answer(Examination $examination, Saved $saved): JsonResponse
    {
        return response()->json([
            'part' => $saved->part,
            'version' => $saved->version,
            'assessment' => $saved->assessment,
            'beforeGate' => $examination->findings()->where('before_gate', true)->get()
                ->map(static fn (Finding $finding): string => "{$finding->manoeuvre}:{$finding->side}")->values()->all(),
        ]);
    }
}

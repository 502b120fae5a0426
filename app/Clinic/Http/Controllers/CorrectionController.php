<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Examinations\Corrections;
use App\Clinic\Http\Requests\AddendumRequest;
use App\Clinic\Models\Examination;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What is said of a signed examination later, and the one that takes its place. */
final readonly class CorrectionController
{
    public function __construct(private Corrections $corrections)
    {
    }

    /** @throws Refusal */
    public function addendum(
        AddendumRequest $request, Examination $examination, #[CurrentUser] User $user,
    ): JsonResponse {
        return response()->json(['id' => $this->corrections->add($examination, $request->words(), $user)->id], 201);
    }

    /** @throws Refusal */
    public function correct(Examination $examination, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['id' => $this->corrections->begin($examination, $user)->id], 201);
    }
}

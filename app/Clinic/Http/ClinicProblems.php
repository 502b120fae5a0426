<?php

declare(strict_types=1);

namespace App\Clinic\Http;

use App\Clinic\Examinations\AlreadySigned;
use App\Clinic\Examinations\EnteredByAnother;
use App\Clinic\Examinations\HeldRecord;
use App\Clinic\Examinations\MovedOn;
use App\Clinic\Examinations\StaleVersion;
use App\Clinic\Http\Resources\LetterResource;
use App\Clinic\Http\Resources\PartResource;
use App\Clinic\Letters\StaleLetter;
use App\Clinic\Proposals\Decided;
use App\Platform\Http\Problems as Platform;
use GrayCompass\Core\Wire\SafetyWriter;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;

/** How refusals about examinations, letters and proposals are answered. */
final class ClinicProblems
{
    private const EXPECTED = [
        AlreadySigned::class, EnteredByAnother::class, MovedOn::class, HeldRecord::class, StaleVersion::class,
        Decided::class, StaleLetter::class,
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(self::EXPECTED);
        $exceptions->render(static fn (AlreadySigned $problem): JsonResponse => Platform::answer(
            423, '', 'this examination is signed and cannot be changed',
        ));
        $exceptions->render(static fn (EnteredByAnother $problem): JsonResponse => Platform::answer(
            403, '', 'another person entered this; students can change their own entries only',
        ));
        $exceptions->render(static fn (MovedOn $problem): JsonResponse => Platform::answer(
            409, 'revision', 'something was changed after you last saw it: review it, then sign',
        ));
        $exceptions->render(static fn (HeldRecord $held): JsonResponse => Platform::answer(
            422, $held->part->key(), $held->reason, ['hold' => SafetyWriter::hold($held->hold)],
        ));
        $exceptions->render(static fn (StaleVersion $stale): JsonResponse => Platform::answer(
            409,
            $stale->part->key(),
            'changed in between by another tab or person',
            ['newer' => $stale->newer === null ? null : PartResource::make($stale->newer)->resolve()],
        ));
        $exceptions->render(static fn (Decided $problem): JsonResponse => Platform::answer(
            409, 'state', 'this proposal has already been decided',
        ));
        $exceptions->render(static fn (StaleLetter $stale): JsonResponse => Platform::answer(
            409,
            'version',
            'another version was saved meanwhile: look at it first',
            ['letter' => LetterResource::make($stale->newer->load(LetterResource::WITH))->resolve()],
        ));
    }
}

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
            423, '', __('clinic.problems.signed'),
        ));
        $exceptions->render(static fn (EnteredByAnother $problem): JsonResponse => Platform::answer(
            403, '', __('clinic.problems.entered_by_another'),
        ));
        $exceptions->render(static fn (MovedOn $problem): JsonResponse => Platform::answer(
            409, 'revision', __('clinic.problems.moved_on'),
        ));
        $exceptions->render(static fn (HeldRecord $held): JsonResponse => Platform::answer(
            422, $held->part->key(), $held->reason, ['hold' => SafetyWriter::hold($held->hold)],
        ));
        $exceptions->render(static fn (StaleVersion $stale): JsonResponse => Platform::answer(
            409,
            $stale->part->key(),
            __('clinic.problems.changed_meanwhile'),
            ['newer' => $stale->newer === null ? null : PartResource::make($stale->newer)->resolve()],
        ));
        $exceptions->render(static fn (Decided $problem): JsonResponse => Platform::answer(
            409, 'state', __('clinic.problems.decided'),
        ));
        $exceptions->render(static fn (StaleLetter $stale): JsonResponse => Platform::answer(
            409,
            'version',
            __('clinic.problems.letter_changed'),
            ['letter' => LetterResource::make($stale->newer->load(LetterResource::WITH))->resolve()],
        ));
    }
}

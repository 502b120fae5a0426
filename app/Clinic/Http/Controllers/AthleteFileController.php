<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Accounts\PasswordNeeded;
use App\Access\Accounts\Presence;
use App\Access\Models\User;
use App\Clinic\AthleteFiles\Erasure;
use App\Clinic\AthleteFiles\Exports;
use App\Clinic\Http\Requests\ErasureRequest;
use App\Clinic\Models\Export;
use App\Clinic\Values\ExportState;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** An athlete's whole record: exported, or erased. */
final readonly class AthleteFileController
{
    public function export(Athlete $anyone, Exports $exports, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['id' => $exports->ask($anyone, $user)->id], 202);
    }

    public function state(Export $export): JsonResponse
    {
        return response()->json(['state' => $export->state, 'bytes' => $export->bytes]);
    }

    public function fetch(Export $export, Exports $exports, AuditLog $log): StreamedResponse
    {
        abort_unless($export->state === ExportState::Ready, 404);
        $log->record(AuditEvent::Exported, $export->athlete_id, ['as' => 'everything, fetched']);

        return response()->streamDownload(static function () use ($export, $exports): void {
            foreach ($exports->content($export) as $piece) {
                echo $piece;
            }
        }, "knees-{$export->athlete_id}.zip", [
            'Content-Type' => 'application/zip', 'Content-Length' => (string) $export->bytes,
        ]);
    }

    /** @throws PasswordNeeded */
    public function erase(
        ErasureRequest $request, Athlete $anyone, Erasure $erasure, #[CurrentUser] User $user,
    ): Response {
        (new Presence($request->session()))->insistFresh();
        $erasure->erase($anyone, $request->reason(), $user);

        return response()->noContent();
    }
}

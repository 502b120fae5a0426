<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Requests\ErasureRequest;
use App\Models\Athlete;
use App\Models\User;
use App\People\PasswordNeeded;
use App\People\Presence;
use App\Records\AthleteArchive;
use App\Records\Erasure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All of somebody's record at once: taken along, or erased. */
final readonly class RecordController
{
    public function export(Athlete $anyone, AthleteArchive $archive, Deeds $deeds): StreamedResponse
    {
        $deeds->record(What::Exported, $anyone->id, ['as' => 'everything']);

        $zip = $archive->open($anyone);

        return response()->streamDownload(
            static fn (): int => fpassthru($zip), "knees-{$anyone->id}.zip", ['Content-Type' => 'application/zip'],
        );
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

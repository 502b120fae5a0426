<?php

declare(strict_types=1);

namespace App\Exchange\Http\Controllers;

use App\Access\Models\User;
use App\Exchange\Models\TableExport;
use App\Exchange\Tables\TableExports;
use App\Exchange\Values\TableExportState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All signed examinations of the team as tables. */
final readonly class TableExportController
{
    public function __construct(private TableExports $exports)
    {
    }

    public function store(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['id' => $this->exports->ask($user)->id], 202);
    }

    public function show(TableExport $tableExport): JsonResponse
    {
        return response()->json([
            'state' => $tableExport->state,
            'done' => $tableExport->done,
            'total' => $tableExport->total,
            'bytes' => $tableExport->bytes,
        ]);
    }

    public function fetch(TableExport $tableExport, AuditLog $log): StreamedResponse
    {
        abort_unless($tableExport->state === TableExportState::Ready, 404);
        $log->record(AuditEvent::Exported, null, ['as' => 'tables, fetched']);

        return response()->streamDownload(function () use ($tableExport): void {
            foreach ($this->exports->content($tableExport) as $piece) {
                echo $piece;
            }
        }, 'knees-tables.zip', ['Content-Type' => 'application/zip', 'Content-Length' => (string) $tableExport->bytes]);
    }
}

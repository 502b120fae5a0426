<?php

declare(strict_types=1);

namespace App\Trust\Http\Controllers;

use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Audit\HashChain;
use App\Platform\Tables\Csv;
use App\Trust\Audit\LogLines;
use App\Trust\Http\Requests\AuditLogRequest;
use App\Trust\Http\Resources\AuditLogResource;
use Illuminate\Container\Attributes\CurrentUser;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Who did what in a team, for its lead; looking at it is recorded too. */
final readonly class AuditLogController
{
    private const COLUMNS = ['id', 'at', 'who', 'event', 'about', 'subject', 'detail', 'address'];

    public function __construct(private AuditLog $log, private LogLines $lines)
    {
    }

    public function index(AuditLogRequest $request, #[CurrentUser] User $user): AuditLogResource
    {
        $search = $request->search($user);
        if ($search->page === 1) {
            $this->log->record(AuditEvent::AuditLogRead);
        }

        return new AuditLogResource($search, $this->lines);
    }

    /** All of them as a table, RFC 4180, newest first. */
    public function table(AuditLogRequest $request, #[CurrentUser] User $user): StreamedResponse
    {
        $search = $request->search($user);
        $this->log->record(AuditEvent::Exported, null, ['as' => 'audit log']);

        return response()->streamDownload(function () use ($search): void {
            $out = fopen('php://output', 'w');
            if ($out === false) {
                return;
            }
            $people = $search->people();
            $csv = new Csv($out);
            $csv->line(self::COLUMNS);
            foreach ($search->entries()->lazyByIdDesc(500)->chunk(500) as $log) {
                array_map($csv->line(...), $this->lines->of(array_values($log->all()), $people));
            }
            // The end of the chain leaves with the table: a chain that is shortened later does not reach it.
            $end = HashChain::query()->find($search->team);
            $csv->line(['', '', '', 'End of the log', '', '', $end === null ? '' : "{$end->count}:{$end->hash}", '']);
        }, 'audit-log.csv', ['Content-Type' => Csv::TYPE]);
    }
}

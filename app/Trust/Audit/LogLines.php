<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Platform\Audit\AuditEntry;

/**
 * Entries of the log as they are read.
 *
 * @phpstan-type LogLine array{
 *     id: int, at: string, who: string, event: string, about: string, subject: string|null, detail: string, address: string
 * }
 */
final readonly class LogLines
{
    public function __construct(private Subjects $subjects, private DetailText $wording)
    {
    }

    /**
     * @param  list<AuditEntry>  $log
     * @param  array<string, string>  $people  names by id of their account
     * @return list<LogLine>
     */
    public function of(array $log, array $people): array
    {
        $subjects = $this->subjects->names($log);

        return array_map(fn (AuditEntry $entry): array => $this->line($entry, $people, $subjects), $log);
    }

    /**
     * @param  array<string, string>  $people
     * @param  array<string, string>  $subjects  names by id of what it is about
     * @return LogLine
     */
    public function line(AuditEntry $entry, array $people, array $subjects): array
    {
        return [
            'id' => $entry->id,
            'at' => str_replace(' ', 'T', $entry->at).'Z',
            'who' => $people[$entry->user_id ?? ''] ?? 'nobody known',
            'event' => $entry->event->label(),
            'about' => $subjects[$entry->subject ?? ''] ?? '',
            'subject' => $entry->subject,
            'detail' => $this->wording->of($entry->detail),
            'address' => $entry->address,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Platform\Audit\AuditEntry;

/**
 * Entries of the log as they are read.
 *
 * @phpstan-type LogLine array{
 *     id: int, at: string, who: string, what: string, about: string, subject: string|null, detail: string, address: string
 * }
 */
final readonly class LogLines
{
    public function __construct(private Subjects $subjects, private DetailText $wording)
    {
    }

    /**
     * @param  list<AuditEntry>  $deeds
     * @param  array<string, string>  $people  names by id of their account
     * @return list<LogLine>
     */
    public function of(array $deeds, array $people): array
    {
        $subjects = $this->subjects->names($deeds);

        return array_map(fn (AuditEntry $deed): array => $this->line($deed, $people, $subjects), $deeds);
    }

    /**
     * @param  array<string, string>  $people
     * @param  array<string, string>  $subjects  names by id of what it is about
     * @return LogLine
     */
    public function line(AuditEntry $deed, array $people, array $subjects): array
    {
        return [
            'id' => $deed->id,
            'at' => str_replace(' ', 'T', $deed->at).'Z',
            'who' => $people[$deed->user_id ?? ''] ?? 'nobody known',
            'what' => $deed->what->label(),
            'about' => $subjects[$deed->subject ?? ''] ?? '',
            'subject' => $deed->subject,
            'detail' => $this->wording->of($deed->detail),
            'address' => $deed->address,
        ];
    }
}

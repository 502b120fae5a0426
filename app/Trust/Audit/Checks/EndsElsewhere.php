<?php

declare(strict_types=1);

namespace App\Trust\Audit\Checks;

use App\Platform\Audit\AuditEntry;

/** Ends of logs that were kept away from this machine, as a mail or an exported log tells them, stand where they stood. */
final readonly class EndsElsewhere implements Check
{
    /** @param  list<string>  $ends  each the number of entries and the hash of the last: `812:3f…` */
    public function __construct(private array $ends)
    {
    }

    public function faults(): iterable
    {
        foreach ($this->ends as $end) {
            if (preg_match('/^(\d+):([0-9a-f]{64})$/', $end, $read) !== 1) {
                yield "“{$end}” is no end of a log: give the number of entries, a colon and the hash.";

                continue;
            }
            $entry = AuditEntry::query()->where('hash', $read[2])->first();
            if ($entry === null || $this->place($entry) !== (int) $read[1]) {
                yield "The log that ended after {$read[1]} entries is not here any more: it was cut or written anew.";
            }
        }
    }

    private function place(AuditEntry $entry): int
    {
        return AuditEntry::query()->where('team_id', $entry->team_id)->where('id', '<=', $entry->id)->count();
    }
}

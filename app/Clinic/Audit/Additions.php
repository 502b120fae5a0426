<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Models\Addendum;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\Checks\Check;
use App\Trust\Audit\Erased;

/** What was written beside signed examinations afterwards: every entry has its addendum, and every addendum its entry. */
final readonly class Additions implements Check
{
    public function __construct(private Erased $erased)
    {
    }

    public function faults(): iterable
    {
        $written = [];
        foreach (AuditEntry::query()->whereIn('event', [AuditEvent::AddendumWritten, AuditEvent::FactsHashed])->orderBy('id')->lazy(200) as $entry) {
            $id = $entry->detail['addendum'] ?? null;
            if (\is_string($id) && ! $this->erased->examination((string) $entry->subject)) {
                $written[$id] = $entry->detail['digest'] ?? null;
            }
        }
        foreach (Addendum::query()->lazy(200) as $addendum) {
            if (($written[$addendum->id] ?? null) !== $addendum->digest()) {
                yield "An addendum of {$addendum->examination_id} is not as it was written.";
            }
            unset($written[$addendum->id]);
        }
        foreach (array_keys($written) as $id) {
            yield "Addendum {$id} is gone.";
        }
    }
}

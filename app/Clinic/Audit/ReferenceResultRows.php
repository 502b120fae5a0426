<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Models\ReferenceResult;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\Checks\Check;
use App\Trust\Audit\Erased;

/** What knees turned out to have: each stands as it was entered last, unless it was removed. */
final readonly class ReferenceResultRows implements Check
{
    private const EVENTS = [
        AuditEvent::ReferenceResultAdded, AuditEvent::ReferenceResultChanged, AuditEvent::ReferenceResultRemoved, AuditEvent::ReferenceResultRestored, AuditEvent::FactsHashed,
    ];

    public function __construct(private Erased $erased)
    {
    }

    public function faults(): iterable
    {
        $logged = [];
        foreach (AuditEntry::query()->whereIn('event', self::EVENTS)->orderBy('id')->lazy(200) as $entry) {
            $id = $entry->detail['outcome'] ?? null;
            if (\is_string($id) && ! $this->erased->athlete((string) $entry->subject)) {
                $logged[$id] = [
                    'digest' => $entry->detail['digest'] ?? null,
                    'removed' => $entry->event === AuditEvent::ReferenceResultRemoved,
                    'import' => $entry->detail['import'] ?? null,
                ];
            }
        }
        foreach (ReferenceResult::withTrashed()->withoutGlobalScopes()->lazy(200) as $result) {
            $last = $logged[$result->id] ?? null;
            if ($last === null || $last['digest'] !== $result->digest() || $last['removed'] !== $result->trashed()) {
                yield "Result {$result->id} is not as it was entered.";
            }
            unset($logged[$result->id]);
        }
        $undone = AuditEntry::query()->where('event', AuditEvent::RecordImportUndone)->pluck('subject')->all();
        foreach ($logged as $id => $last) {
            // A day after it was removed its row goes too, and with an import that was undone at once.
            if (! $last['removed'] && ! \in_array($last['import'], $undone, true)) {
                yield "Result {$id} is gone.";
            }
        }
    }
}

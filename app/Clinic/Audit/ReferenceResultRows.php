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
    private const SAID = [
        AuditEvent::OutcomeAdded, AuditEvent::OutcomeChanged, AuditEvent::OutcomeRemoved, AuditEvent::OutcomeRestored, AuditEvent::FactsSealed,
    ];

    public function __construct(private Erased $erased)
    {
    }

    public function faults(): iterable
    {
        $said = [];
        foreach (AuditEntry::query()->whereIn('what', self::SAID)->orderBy('id')->lazy(200) as $deed) {
            $id = $deed->detail['outcome'] ?? null;
            if (\is_string($id) && ! $this->erased->athlete((string) $deed->subject)) {
                $said[$id] = ['digest' => $deed->detail['digest'] ?? null, 'removed' => $deed->what === AuditEvent::OutcomeRemoved];
            }
        }
        foreach (ReferenceResult::withTrashed()->withoutGlobalScopes()->lazy(200) as $outcome) {
            $last = $said[$outcome->id] ?? null;
            if ($last === null || $last['digest'] !== $outcome->digest() || $last['removed'] !== $outcome->trashed()) {
                yield "Result {$outcome->id} is not as it was entered.";
            }
            unset($said[$outcome->id]);
        }
        foreach ($said as $id => $last) {
            // A day after it was removed its row goes too.
            if (! $last['removed']) {
                yield "Result {$id} is gone.";
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Examinations\Document;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Values\ExaminationStatus;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\Checks\Check;
use App\Trust\Audit\Erased;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Each signature was written down with digests of what was signed, and everything that is signed has its entry. */
final readonly class Signatures implements Check
{
    /** What makes an examination signed: a signature, or that it was signed elsewhere. */
    private const EVENTS = [AuditEvent::Signed, AuditEvent::HistoryImported];

    public function __construct(private Erased $erased)
    {
    }

    public function faults(): iterable
    {
        $signed = [];
        $facts = self::facts();
        $removed = self::removed();
        foreach (AuditEntry::query()->whereIn('event', self::EVENTS)->orderBy('id')->lazy(200) as $entry) {
            $id = (string) $entry->subject;
            $signed[$id] = true;
            $wasRemoved = $entry->event === AuditEvent::HistoryImported && isset($removed[$id]);
            if ($wasRemoved || $this->erased->examination($id)) {
                continue;
            }
            $fault = self::fault($entry, $id, $facts[$id] ?? null);
            if ($fault !== null) {
                yield $fault;
            }
        }
        $rows = Examination::query()->withoutGlobalScopes()->where('status', ExaminationStatus::Signed);
        foreach ($rows->select('id')->lazyById(500) as $one) {
            if (! isset($signed[$one->id])) {
                yield "Examination {$one->id} stands as signed, and no entry says so.";
            }
        }
    }

    private static function fault(AuditEntry $entry, string $id, ?string $facts): ?string
    {
        $snapshot = Snapshot::query()->where('examination_id', $id)->first();
        $found = Examination::query()->withoutGlobalScopes()->with(['sections', 'records', 'episode' => static fn (
            BelongsTo $episode,
        ) => $episode->withoutGlobalScopes()])->find($id);

        return match (true) {
            $snapshot === null || $found === null => "What was signed as {$id} is gone.",
            ! $found->isSigned() => "Examination {$id} was signed, and does not stand as signed any more.",
            ($entry->detail['digest'] ?? null) !== $snapshot->digest() => "What was signed as {$id} was changed afterwards.",
            ($entry->detail['document'] ?? null) !== Document::of($found)->digest() => "What was recorded in {$id} was changed after it was signed.",
            $facts !== SignedFacts::digest($found) => "Who, when or whose knee it was in {$id} was changed after it was signed.",
            default => null,
        };
    }

    /**
     * @return array<string, true> examinations whose import was undone
     */
    private static function removed(): array
    {
        $removed = [];
        foreach (AuditEntry::query()->where('event', AuditEvent::ImportedExaminationRemoved)->lazy(200) as $entry) {
            $removed[(string) $entry->subject] = true;
        }

        return $removed;
    }

    /**
     * @return array<string, string> digests by examination; the latest stands
     */
    private static function facts(): array
    {
        $facts = [];
        foreach (AuditEntry::query()->whereIn('event', [...self::EVENTS, AuditEvent::FactsHashed])->orderBy('id')->lazy(200) as $entry) {
            if (\is_string($entry->detail['facts'] ?? null)) {
                $facts[(string) $entry->subject] = $entry->detail['facts'];
            }
        }

        return $facts;
    }
}

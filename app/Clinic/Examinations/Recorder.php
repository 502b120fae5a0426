<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Record;
use App\Clinic\Models\Save;
use App\Clinic\Models\Section;
use App\Clinic\Values\SectionName;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\ReusedKey;
use App\Platform\Database\Turn;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Safety\Hold;
use GrayCompass\Core\Safety\HoldKind;
use GrayCompass\Document\Refusal;
use Illuminate\Database\UniqueConstraintViolationException;
use stdClass;

/**
 * Saves one part of an examination at a time: judged first, then stored, in one transaction. A save carries
 * an idempotency key, looked up before anything else, and the version that it was made from.
 */
final class Recorder
{
    public function __construct(
        private readonly Assessments $assessments,
        private readonly AuditLog $log,
        private readonly Figures $figures,
    ) {
    }

    /** @throws Refusal|StaleVersion|AlreadySigned|ReusedKey|EnteredByAnother */
    public function section(Examination $examination, SectionName $name, SaveRequest $save): Saved
    {
        return $this->once($examination, $name->value, $save, function (
            Examination $locked, Section|Record|null $row,
        ) use ($name, $save): Assessment {
            $payload = $save->payload ?? new stdClass;
            if ($name === SectionName::Frame && $row instanceof Section) {
                self::insistOnFacts($row->payload, $payload);
            }
            $assessment = $this->assessments->assess(Document::of($locked)->withSection($name, $payload), $locked);
            // What follows from sound knees and from hurt ones is not the same: neither becomes the other.
            if ($assessment->route->route->isBaseline() !== $locked->loadMissing('episode')->episode->is_baseline) {
                throw Refusal::at('route', 'a baseline is begun as one, and stays one');
            }
            $stored = ['payload' => $payload, 'version' => $save->version + 1, 'saved_by' => $save->by];
            $row === null
                ? $locked->sections->push($locked->sections()->create([
                    'examination_id' => $locked->id, 'name' => $name->value, ...$stored,
                ]))
                : $row->update($stored);

            return $assessment;
        });
    }

    /** @throws Refusal where side, days or age are others than the episode and the athlete say; see KneeChanger */
    private static function insistOnFacts(stdClass $stored, stdClass $payload): void
    {
        foreach (KneeChanger::FACTS as $fact) {
            if (($payload->{$fact} ?? null) !== ($stored->{$fact} ?? null)) {
                throw Refusal::at($fact, 'it comes from the episode and the athlete, and is changed there');
            }
        }
    }

    /**
     * A new or changed finding of a held manoeuvre needs a reason, where one opens it at all. Leaving it
     * undone and taking it back are never held.
     *
     * @throws Refusal|StaleVersion|AlreadySigned|ReusedKey|HeldRecord|EnteredByAnother
     */
    public function record(Examination $examination, Manoeuvre $manoeuvre, Side $side, SaveRequest $save): Saved
    {
        $part = "{$manoeuvre->id}:{$side->value}";

        return $this->once($examination, $part, $save, function (
            Examination $locked, Section|Record|null $row,
        ) use ($manoeuvre, $side, $part, $save): Assessment {
            $assessment = $this->assessments->assess(Document::of($locked)->withRecord($part, $save->payload), $locked);
            $this->refuseHeld($locked, $manoeuvre, $part, $save->payload, $assessment);
            $stored = [
                'payload' => $save->payload,
                'version' => $save->version + 1,
                'before_gate' => false,
                'saved_by' => $save->by,
            ];
            $row === null
                ? $locked->records->push($locked->records()->create([
                    'examination_id' => $locked->id,
                    'manoeuvre' => $manoeuvre->id,
                    'side' => $side->value,
                    'sequence' => $locked->records->count(),
                    ...$stored,
                ]))
                : $row->update($stored);

            return $assessment;
        });
    }

    /** @throws HeldRecord by what was known before this save */
    private function refuseHeld(
        Examination $examination, Manoeuvre $manoeuvre, string $part, ?stdClass $payload, Assessment $now,
    ): void {
        if ($payload === null || isset($payload->notDone)) {
            return;
        }
        $hold = $this->assessments->hold($examination, $manoeuvre, $now);
        if ($hold !== null && ! $hold->correctable && ! ($hold->mayOverride && isset($payload->override))) {
            throw new HeldRecord($part, $hold, $hold->reason($manoeuvre->card->name, $this->figures->rules()));
        }
    }

    /**
     * @param  callable(Examination, Section|Record|null): Assessment  $store  given the locked examination with all its
     *                                                                         parts, and the part as it stands
     */
    private function once(Examination $examination, string $part, SaveRequest $save, callable $store): Saved
    {
        return Turn::of("examination {$examination->id}", function (string $lock) use ($examination, $part, $save, $store): Saved {
            $query = Examination::query()->whereKey($examination->id);
            $query->lock($lock);
            $locked = $query->firstOrFail()->load(['sections', 'records']);
            $row = self::row($locked, $part);
            $isNext = ($row->version ?? 0) === $save->version;
            // A part that was saved is a version on: what follows on it as it stands was never sent before.
            $earlier = $isNext && ! $locked->isSigned() ? null : self::earlier($locked, $save);
            if ($earlier !== null) {
                return $this->again($earlier, $locked, $part, $save);
            }
            if ($locked->isSigned()) {
                throw new AlreadySigned;
            }
            if (! $isNext) {
                throw new StaleVersion($part, $row);
            }
            if (! $save->overOthers && $row !== null && $row->saved_by !== $save->by) {
                throw new EnteredByAnother;
            }
            $assessment = $this->mark($locked, $store($locked, $row));
            $locked->update(['holds' => KnownHolds::write($assessment), 'revision' => $locked->revision + 1]);
            self::keep($locked, $part, $save);
            $this->log->record(self::event($part, $save), $locked->id, [
                'part' => $part,
                'version' => $save->version + 1,
            ]);

            return new Saved(
                $part,
                $save->version + 1,
                Assessments::written($assessment),
                self::beforeGate($locked),
                $locked->revision,
            );
        });
    }

    private static function earlier(Examination $examination, SaveRequest $save): ?Save
    {
        return Save::query()->where('examination_id', $examination->id)->where('key', $save->key)->first();
    }

    /** @throws ReusedKey where the key stands for another save already; nothing of this one stays */
    private static function keep(Examination $examination, string $part, SaveRequest $save): void
    {
        try {
            Save::query()->create([
                'examination_id' => $examination->id,
                'key' => $save->key,
                'digest' => $save->digest($part),
                'part' => $part,
                'version' => $save->version + 1,
            ]);
        } catch (UniqueConstraintViolationException) {
            throw ReusedKey::forSave();
        }
    }

    /** The same save sent again: it is answered and touches nothing. */
    private function again(Save $earlier, Examination $examination, string $part, SaveRequest $save): Saved
    {
        if ($earlier->digest !== null && $earlier->digest !== $save->digest($part)) {
            throw ReusedKey::forSave();
        }

        return new Saved(
            $earlier->part,
            $earlier->version,
            $this->assessments->assessment($examination),
            self::beforeGate($examination),
            $examination->revision,
        );
    }

    private static function event(string $part, SaveRequest $save): AuditEvent
    {
        return match (true) {
            ! str_contains($part, ':') => AuditEvent::PartChanged,
            $save->payload === null => AuditEvent::RecordWithdrawn,
            isset($save->payload->override) => AuditEvent::TakenAgainstGate,
            default => AuditEvent::PartChanged,
        };
    }

    private static function row(Examination $examination, string $part): Section|Record|null
    {
        $rows = str_contains($part, ':') ? $examination->records : $examination->sections;

        return $rows->first(static fn (Record|Section $row): bool => $part === ($row instanceof Section
            ? $row->name
            : "{$row->manoeuvre}:{$row->side}"));
    }

    /**
     * @return list<string>
     */
    private static function beforeGate(Examination $examination): array
    {
        return array_values($examination->records
            ->filter(static fn (Record $record): bool => $record->before_gate)
            ->map(static fn (Record $record): string => "{$record->manoeuvre}:{$record->side}")
            ->all());
    }

    /**
     * Where a rule closes a manoeuvre now, what was found with it before stays, and is marked. Nothing held
     * is ever stored without a reason, so a finding without one was taken before.
     */
    private function mark(Examination $examination, Assessment $assessment): Assessment
    {
        $closed = array_filter(
            $assessment->bearings->holds->byManoeuvre,
            static fn (Hold $hold): bool => $hold->kind === HoldKind::Rule && ! $hold->correctable,
        );
        $earlier = $examination->records->filter(static fn (Record $record): bool => isset($closed[$record->manoeuvre])
            && ! $record->before_gate && $record->isDone() && ! isset($record->payload->override));
        if ($earlier->isEmpty()) {
            return $assessment;
        }
        $earlier->each(static fn (Record $record) => $record->update(['before_gate' => true]));

        return $this->assessments->assess(Document::of($examination), $examination);
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Save;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use App\Clinic\Values\SectionName;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\ReusedKey;
use App\Platform\Database\Turn;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * Saves one part of an examination at a time: judged first, then stored, in one transaction. A save carries
 * an idempotency key, looked up before anything else, and the version that it was made from.
 */
final readonly class Recorder
{
    public function __construct(
        private Assessments $assessments,
        private AuditLog $log,
        private Figures $figures,
    ) {
    }

    /** @throws Refusal|StaleVersion|AlreadySigned|ReusedKey|EnteredByAnother */
    public function section(Examination $examination, SectionName $name, SaveRequest $save): Saved
    {
        return $this->save($examination, new SectionChange($name, $save));
    }

    /** @throws Refusal|StaleVersion|AlreadySigned|ReusedKey|HeldRecord|EnteredByAnother */
    public function record(Examination $examination, Manoeuvre $manoeuvre, Side $side, SaveRequest $save): Saved
    {
        return $this->save($examination, new RecordChange(
            $manoeuvre, $side, $save, $this->assessments, $this->figures,
        ));
    }

    private function save(Examination $examination, PartChange $change): Saved
    {
        return Turn::of("examination {$examination->id}", function (string $lock) use ($examination, $change): Saved {
            $query = Examination::query()->whereKey($examination->id);
            $query->lock($lock);
            $locked = $query->firstOrFail()->load(['sections', 'records']);
            $row = $locked->row($change->part());

            return $this->earlier($locked, $row, $change) ?? $this->carriedOut($locked, $row, $change);
        });
    }

    /**
     * The same save sent again is answered, and touches nothing.
     *
     * @return Saved|null null: it was never sent before
     *
     * @throws ReusedKey
     */
    private function earlier(Examination $examination, Section|StoredRecord|null $row, PartChange $change): ?Saved
    {
        [$part, $save] = [$change->part(), $change->save()];
        // A part that was saved is a version on: what follows on it as it stands was never sent before.
        if (self::follows($row, $save) && ! $examination->isSigned()) {
            return null;
        }
        $earlier = Save::query()->where('examination_id', $examination->id)->where('key', $save->key)->first();
        if ($earlier === null) {
            return null;
        }
        if ($earlier->digest !== null && $earlier->digest !== $save->digest($part)) {
            throw ReusedKey::forSave();
        }

        return new Saved(
            $part,
            $earlier->version,
            $this->assessments->assessment($examination),
            self::beforeGate($examination),
            $examination->revision,
        );
    }

    private function carriedOut(Examination $examination, Section|StoredRecord|null $row, PartChange $change): Saved
    {
        [$part, $save] = [$change->part(), $change->save()];
        match (true) {
            $examination->isSigned() => throw new AlreadySigned,
            ! self::follows($row, $save) => throw new StaleVersion($part, $row),
            ! $save->overOthers && $row !== null && $row->saved_by !== $save->by => throw new EnteredByAnother,
            default => null,
        };
        $assessment = $this->assessments->assess($change->applied(Document::of($examination), $row), $examination);
        $change->insistIsAllowed($examination, $assessment);
        $change->store($examination, $row);
        if (GateMarks::put($examination, $assessment)) {
            $assessment = $this->assessments->assess(Document::of($examination), $examination);
        }
        $holds = KnownHolds::write($assessment);
        // They are encrypted, and most saves leave them as they were.
        $examination->update([...($holds === $examination->holds ? [] : ['holds' => $holds]), 'revision' => $examination->revision + 1]);
        self::keep($examination, $part, $save);
        $this->log->record($change->event(), $examination->id, ['part' => $part->key(), 'version' => $save->version + 1]);

        return new Saved(
            $part,
            $save->version + 1,
            Assessments::written($assessment),
            self::beforeGate($examination),
            $examination->revision,
        );
    }

    /** Whether it was made from the part as it is stored. */
    private static function follows(Section|StoredRecord|null $row, SaveRequest $save): bool
    {
        return ($row->version ?? 0) === $save->version;
    }

    /** @throws ReusedKey where the key stands for another save already; nothing of this one stays */
    private static function keep(Examination $examination, Part $part, SaveRequest $save): void
    {
        try {
            // In a plain statement, since every save comes through here.
            DB::insert(
                'insert into saves (id, examination_id, `key`, digest, part, version, created_at) values (?, ?, ?, ?, ?, ?, ?)',
                [
                    (new Save)->newUniqueId(), $examination->id, $save->key, $save->digest($part), $part->key(),
                    $save->version + 1, Date::now()->toDateTimeString(),
                ],
            );
        } catch (UniqueConstraintViolationException) {
            throw ReusedKey::forSave();
        }
    }

    /**
     * @return list<Part>
     */
    private static function beforeGate(Examination $examination): array
    {
        return array_values($examination->records
            ->filter(static fn (StoredRecord $record): bool => $record->before_gate)
            ->map(static fn (StoredRecord $record): Part => $record->part())
            ->all());
    }
}

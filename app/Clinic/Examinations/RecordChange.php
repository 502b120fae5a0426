<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use App\Platform\Audit\AuditEvent;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Side;

/**
 * A manoeuvre is recorded, or its record is withdrawn. A record of a held manoeuvre needs a reason, where one opens it
 * at all; leaving it undone and withdrawing it are never held.
 */
final readonly class RecordChange implements PartChange
{
    public function __construct(
        private Manoeuvre $manoeuvre,
        private Side $side,
        private SaveRequest $save,
        private Assessments $assessments,
        private Figures $figures,
    ) {
    }

    public function part(): Part
    {
        return Part::record($this->manoeuvre->id, $this->side->value);
    }

    public function save(): SaveRequest
    {
        return $this->save;
    }

    public function applied(Document $document, Section|StoredRecord|null $row): Document
    {
        return $document->withRecord($this->part(), $this->save->payload);
    }

    /** By what was known before this save. */
    public function insistIsAllowed(Examination $examination, Assessment $now): void
    {
        $payload = $this->save->payload;
        if ($payload === null || isset($payload->notDone)) {
            return;
        }
        $hold = $this->assessments->hold($examination, $this->manoeuvre, $now);
        if ($hold !== null && ! $hold->correctable && ! ($hold->mayOverride && isset($payload->override))) {
            $reason = $hold->reason($this->manoeuvre->card->name, $this->figures->rules());
            throw new HeldRecord($this->part(), $hold, $this->figures->phrases()->words($reason));
        }
    }

    public function store(Examination $examination, Section|StoredRecord|null $row): void
    {
        $stored = [
            'payload' => $this->save->payload,
            'version' => $this->save->version + 1,
            'before_gate' => false,
            'saved_by' => $this->save->by,
        ];
        $row === null
            ? $examination->records->push($examination->records()->create([
                'examination_id' => $examination->id,
                'manoeuvre' => $this->manoeuvre->id,
                'side' => $this->side->value,
                'sequence' => $examination->records->count(),
                ...$stored,
            ]))
            : $row->update($stored);
    }

    public function event(): AuditEvent
    {
        return match (true) {
            $this->save->payload === null => AuditEvent::RecordWithdrawn,
            isset($this->save->payload->override) => AuditEvent::TakenAgainstGate,
            default => AuditEvent::PartChanged,
        };
    }
}

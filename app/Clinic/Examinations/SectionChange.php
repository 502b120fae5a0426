<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use App\Clinic\Values\SectionName;
use App\Platform\Audit\AuditEvent;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Document\Refusal;
use stdClass;

/** A section is replaced. */
final readonly class SectionChange implements PartChange
{
    private stdClass $payload;

    public function __construct(private SectionName $name, private SaveRequest $save)
    {
        $this->payload = $save->payload ?? new stdClass;
    }

    public function part(): Part
    {
        return Part::section($this->name);
    }

    public function save(): SaveRequest
    {
        return $this->save;
    }

    public function applied(Document $document, Section|StoredRecord|null $row): Document
    {
        if ($this->name === SectionName::Frame && $row instanceof Section) {
            $this->insistOnFacts($row->payload);
        }

        return $document->withSection($this->name, $this->payload);
    }

    public function insistIsAllowed(Examination $examination, Assessment $now): void
    {
        // What follows from sound knees and from hurt ones is not the same: neither becomes the other.
        if ($now->route->route->isBaseline() !== $examination->loadMissing('episode')->episode->is_baseline) {
            throw Refusal::at('route', __('clinic.sectionChange.a_baseline_cannot_become_another_route'));
        }
    }

    public function store(Examination $examination, Section|StoredRecord|null $row): void
    {
        $stored = ['payload' => $this->payload, 'version' => $this->save->version + 1, 'saved_by' => $this->save->by];
        $row === null
            ? $examination->sections->push($examination->sections()->create([
                'examination_id' => $examination->id, 'name' => $this->name->value, ...$stored,
            ]))
            : $row->update($stored);
    }

    public function event(): AuditEvent
    {
        return AuditEvent::PartChanged;
    }

    /** @throws Refusal where side, days or age are others than the episode and the athlete say; see KneeChanger */
    private function insistOnFacts(stdClass $stored): void
    {
        foreach (KneeChanger::FACTS as $fact) {
            if (($this->payload->{$fact} ?? null) !== ($stored->{$fact} ?? null)) {
                throw Refusal::at($fact, __('clinic.sectionChange.it_comes_from_the_injury_and'));
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use App\Clinic\Values\SectionName;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * A stored examination as the document that the core reads, which is also the open file format. It can be
 * asked for the same document with one part changed, so that a change is judged before it is stored.
 */
final class Document
{
    /** Stands as the reason for findings that were taken before a rule of the gate applied. */
    public const BEFORE_GATE = 'recorded before the gate';

    /**
     * @param  array<string, mixed>  $envelope
     * @param  array<string, stdClass>  $sections  payloads, by name
     * @param  array<string, stdClass|null>  $records  payloads in the order first recorded, by `manoeuvre:side`; null: taken back
     * @param  array<string, true>  $beforeGate  `manoeuvre:side` of those taken before a rule applied
     * @param  stdClass|null  $baseline  the same knees while they were sound
     * @param  array{earlier?: list<mixed>, known?: list<mixed>}  $past  earlier visits and known results of this knee
     */
    private function __construct(
        private readonly array $envelope,
        private readonly array $sections,
        private readonly array $records,
        private readonly array $beforeGate,
        private readonly ?stdClass $baseline,
        private readonly array $past,
    ) {
    }

    /** The same knees while they were sound; null where nobody looked. */
    public function baseline(): ?stdClass
    {
        return $this->baseline;
    }

    public static function of(Examination $examination): self
    {
        $envelope = [
            'format' => ExaminationReader::FORMAT,
            'version' => ExaminationReader::VERSION,
            'id' => $examination->id,
            'examinedAt' => $examination->examined_at->toIso8601ZuluString(),
        ];
        if ($examination->signed_at !== null) {
            $envelope['signedAt'] = $examination->signed_at->toIso8601ZuluString();
        }
        $sections = $records = $beforeGate = [];
        foreach ($examination->sections as $section) {
            $sections[$section->name] = $section->payload;
        }
        foreach ($examination->records as $record) {
            $records[$record->part()->key()] = $record->payload;
            if ($record->before_gate) {
                $beforeGate[$record->part()->key()] = true;
            }
        }

        return new self($envelope, $sections, $records, $beforeGate, self::baselineOf($examination), Past::of($examination));
    }

    /**
     * Earlier visits and known results of this knee.
     *
     * @return array{earlier?: list<mixed>, known?: list<mixed>}
     */
    public function past(): array
    {
        return $this->past;
    }

    /** SHA-256 of everything recorded, but for when it was signed. */
    public function digest(): string
    {
        $content = (array) json_decode(json_encode($this->content(), JSON_THROW_ON_ERROR), true);
        unset($content['signedAt']);

        return hash('sha256', json_encode($content, JSON_THROW_ON_ERROR));
    }

    public function withSection(SectionName $name, stdClass $payload): self
    {
        return new self(
            $this->envelope,
            [...$this->sections, $name->value => $payload],
            $this->records,
            $this->beforeGate,
            $this->baseline,
            $this->past,
        );
    }

    /** A finding that is given anew keeps its place, and is no longer one from before the gate. */
    public function withRecord(Part $part, ?stdClass $payload): self
    {
        return new self(
            $this->envelope,
            $this->sections,
            [...$this->records, $part->key() => $payload],
            array_diff_key($this->beforeGate, [$part->key() => true]),
            $this->baseline,
            $this->past,
        );
    }

    /** @throws Refusal where the frame holds what it may not */
    public function content(): stdClass
    {
        $content = (object) $this->envelope;
        foreach ($this->sections as $name => $payload) {
            foreach (self::parts(SectionName::from($name), $payload) as $key => $part) {
                $content->{$key} = $part;
            }
        }
        // It stands in for the other knee only, and does not lengthen what is not compared with it.
        if ($this->baseline !== null && ($content->otherKneeReliable ?? true) === false) {
            $content->baseline = $this->baseline;
        }
        foreach ($this->past as $key => $known) {
            $content->{$key} = $known;
        }
        $content->findings = [];
        foreach ($this->records as $key => $payload) {
            if ($payload !== null) {
                $content->findings[] = $this->entry($key, $payload);
            }
        }

        return $content;
    }

    private static function baselineOf(Examination $examination): ?stdClass
    {
        if ($examination->baseline_id === null) {
            return null;
        }
        $examination->loadMissing('baseline.records');
        $baseline = $examination->baseline;

        return $baseline === null ? null : (object) [
            'on' => $baseline->examined_at->toDateString(),
            'findings' => array_values($baseline->records->map(static fn (StoredRecord $one): stdClass => (object) [
                'manoeuvre' => $one->manoeuvre, 'side' => $one->side,
                ...array_diff_key((array) $one->payload, ['override' => 0, 'manoeuvre' => 0, 'side' => 0]),
            ])->all()),
        ];
    }

    /**
     * @return array<array-key, mixed> what a section adds to the document
     */
    private static function parts(SectionName $name, stdClass $payload): array
    {
        if ($name->isList()) {
            $stranger = array_key_first(array_diff_key((array) $payload, ['entries' => true]));

            return $stranger === null
                ? [$name->value => $payload->entries ?? []]
                : throw Refusal::at(
                    "{$name->value}.{$stranger}", __('clinic.document.unknown_only_entries_stand_here'),
                );
        }
        if ($name !== SectionName::Frame) {
            return [$name->value => $payload];
        }
        $stranger = array_key_first(array_diff_key((array) $payload, array_flip(SectionName::FRAME)));

        return $stranger === null
            ? (array) $payload
            : throw Refusal::at("frame.{$stranger}", __('clinic.document.not_part_of_the_frame'));
    }

    /** The row's own manoeuvre and side win over whatever its payload says. */
    private function entry(string $key, stdClass $payload): stdClass
    {
        $part = Part::fromKey($key);
        [$manoeuvre, $side] = [$part->name, $part->side];
        $entry = (object) ['manoeuvre' => $manoeuvre, 'side' => $side, ...(array) $payload];
        [$entry->manoeuvre, $entry->side] = [$manoeuvre, $side];
        if (isset($this->beforeGate[$key]) && ! isset($entry->override)) {
            $entry->override = self::BEFORE_GATE;
        }

        return $entry;
    }
}

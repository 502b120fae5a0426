<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Document\Given;
use GrayCompass\Document\Json;
use stdClass;

/**
 * An examination document and its assessment as a Bundle of FHIR R4 resources. Every part of the document has
 * a resource, so that {@see BundleReader} makes the same document out of them.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class BundleWriter
{
    public function __construct(private Labels $labels, private Terms $terms)
    {
    }

    /**
     * @param  stdClass  $document  an examination document that the core has accepted
     * @param  stdClass  $assessment  its assessment, as it is written
     * @param  Parties  $parties  who was examined, and by whom; without: what the document says
     * @return array{resourceType: string, type: string, entry: list<array{fullUrl: string, resource: Element}>}
     */
    public function write(stdClass $document, stdClass $assessment, Parties $parties): array
    {
        $given = Given::in($document);
        $entries = new Entries(new Uuids($given->text('id') !== '' ? $given->text('id') : hash('sha256', Json::write($document))));
        $when = Dates::isDateTime($given->text('examinedAt')) ? $given->text('examinedAt') : null;
        $isSigned = $given->text('signedAt') !== '';
        $parties->organization === null || $entries->addParty('Organization', $parties->organization);
        $patient = $this->patient($entries, $given, $parties);
        $examiner = $this->examiner($entries, $given, $parties);
        $this->complaint($entries, $given, $patient, $when);
        $encounter = $this->encounter($entries, $given, $patient, $examiner, $when, $isSigned);
        $shared = [
            'status' => $isSigned ? 'final' : 'preliminary',
            'subject' => $patient,
            'encounter' => $encounter,
            ...($examiner === null ? [] : ['performer' => [$examiner]]),
        ];
        $written = Given::in($assessment);
        $observations = new ObservationWriter($this->terms, $this->labels, $entries, $shared, new Interpretations(
            $this->terms,
            $written,
            $given->text('hurtSide'),
        ));
        $results = $this->document($observations, $entries, $document, $shared, $when);
        (new ConclusionWriter(
            $this->terms, $this->labels, $entries, $written, $patient, $encounter, $when, $isSigned,
        ))->write($results);
        $report = $this->report($entries, $written, $results, $shared, $when, $parties->paper);
        $parties->signature === null || $this->provenance($entries, $parties->signature, [$encounter, $report]);

        return ['resourceType' => 'Bundle', 'type' => 'collection', 'entry' => $entries->all()];
    }

    /** @return array{reference: string} */
    private function patient(Entries $entries, Given $given, Parties $parties): array
    {
        if ($parties->patient !== null) {
            return $entries->addParty('Patient', $parties->patient);
        }
        $name = $given->text('athlete');

        return $entries->add('Patient', 'athlete', [
            'meta' => ['tag' => [[
                'system' => $this->terms->own(Code::Tag),
                'code' => Code::DOCUMENT_ONLY,
                'display' => 'Made from a document alone; no birth date is known',
            ]]],
            ...(trim($name) === '' ? [] : ['identifier' => [$this->terms->identifier(Code::Athlete, $name)]]),
        ]);
    }

    /** @return array{reference: string}|null */
    private function examiner(Entries $entries, Given $given, Parties $parties): ?array
    {
        if ($parties->practitioner !== null) {
            return $entries->addParty('Practitioner', $parties->practitioner);
        }
        $name = $given->text('examiner');

        return trim($name) === '' ? null : $entries->add('Practitioner', 'examiner', [
            'identifier' => [$this->terms->identifier(Code::Examiner, $name)],
        ]);
    }

    /**
     * A complaint and never a diagnosis: what the knee has is told as chances.
     *
     * @param  array{reference: string}  $patient
     */
    private function complaint(Entries $entries, Given $given, array $patient, ?string $when): void
    {
        $days = $given->natural('daysSinceInjury');
        $onset = $days === null || $when === null ? null : Dates::plus($when, -$days);
        $side = $given->text('hurtSide');

        $entries->add('Condition', 'complaint', [
            'clinicalStatus' => $this->terms->hl7('condition-clinical', 'active', 'Active'),
            'category' => [$this->terms->concept(Code::Category, 'complaint', 'Complaint')],
            'code' => ['text' => 'Knee complaint'],
            'bodySite' => [$this->terms->concept(Code::BodySite, "{$side}-knee", $side === 'left' ? 'Left knee' : 'Right knee')],
            'subject' => $patient,
            ...($onset === null ? [] : ['onsetDateTime' => $onset]),
        ]);
    }

    /**
     * @param  array{reference: string}  $patient
     * @param  array{reference: string}|null  $examiner
     * @return array{reference: string}
     */
    private function encounter(
        Entries $entries,
        Given $given,
        array $patient,
        ?array $examiner,
        ?string $when,
        bool $isSigned,
    ): array {
        $isInTheField = $given->text('setting') === 'touchline';
        $episode = $entries->add('EpisodeOfCare', 'episodeOfCare', [
            'status' => 'active',
            'diagnosis' => [['condition' => $entries->reference('complaint')]],
            'patient' => $patient,
            ...($when === null ? [] : ['period' => ['start' => substr($when, 0, 10)]]),
        ]);

        return $entries->add('Encounter', 'encounter', [
            ...($given->text('id') === '' ? [] : [
                'identifier' => [$this->terms->identifier(Code::Examination, $given->text('id'))],
            ]),
            'status' => $isSigned ? 'finished' : 'in-progress',
            'class' => [
                'system' => 'http://terminology.hl7.org/CodeSystem/v3-ActCode',
                'code' => $isInTheField ? 'FLD' : 'AMB',
                'display' => $isInTheField ? 'field' : 'ambulatory',
            ],
            'subject' => $patient,
            'episodeOfCare' => [$episode],
            ...($examiner === null ? [] : ['participant' => [['individual' => $examiner]]]),
            ...($when === null ? [] : ['period' => ['start' => $when]]),
        ]);
    }

    /**
     * @param  Element  $shared
     * @return list<array{reference: string}> the Observations that stand for the document, in its order
     */
    private function document(ObservationWriter $observations, Entries $entries, stdClass $document, array $shared, ?string $when): array
    {
        $whole = new stdClass;
        $results = [];
        foreach (get_object_vars($document) as $key => $value) {
            if (\in_array($key, ExaminationParts::FIXED, true) || $this->standsElsewhere($key, $value)) {
                continue;
            }
            if ($value instanceof stdClass) {
                $results[] = $observations->part($key, $value, $key, $when);
            } elseif (\in_array($key, ExaminationParts::LISTS, true) && \is_array($value) && $value !== []) {
                foreach (array_values($value) as $index => $one) {
                    $results[] = $key === 'findings' && $one instanceof stdClass
                        ? $observations->record($one, "{$key}[{$index}]", $when, isJudged: true)
                        : $observations->part($key, $one, "{$key}[{$index}]", $when);
                }
            } else {
                $whole->{$key} = $value;
            }
        }
        if (\is_int($document->ageYears ?? null)) {
            $results[] = $this->age($entries, $document->ageYears, $shared, $when);
        }

        return [$observations->part(ExaminationParts::WHOLE, $whole, ExaminationParts::WHOLE, $when), ...$results];
    }

    /** Whether a value of the document has its place in Patient, Practitioner, Encounter or the age. */
    private function standsElsewhere(string $key, mixed $value): bool
    {
        return \in_array($key, ExaminationParts::ELSEWHERE, true) && match ($key) {
            'ageYears' => \is_int($value),
            'examinedAt' => \is_string($value) && Dates::isDateTime($value),
            default => \is_string($value) && trim($value) !== '',
        };
    }

    /**
     * @param  Element  $shared
     * @return array{reference: string}
     */
    private function age(Entries $entries, int $years, array $shared, ?string $when): array
    {
        return $entries->add('Observation', 'age', [
            'status' => $shared['status'],
            'category' => [$this->terms->hl7('observation-category', 'survey', 'Survey')],
            'code' => $this->terms->concept(Code::Part, ExaminationParts::AGE, 'Age'),
            ...array_diff_key($shared, ['status' => true]),
            ...($when === null ? [] : ['effectiveDateTime' => $when]),
            ...(new Values($this->terms))->number($years, Units::ofItem('ageYears')),
        ]);
    }

    /**
     * @param  list<array{reference: string}>  $results
     * @param  Element  $shared
     * @param  string|null  $paper  a PDF
     * @return array{reference: string}
     */
    private function report(
        Entries $entries,
        Given $assessment,
        array $results,
        array $shared,
        ?string $when,
        ?string $paper,
    ): array {
        $conclusion = $assessment->inner('plan')->text('note');

        return $entries->add('DiagnosticReport', 'report', [
            'status' => $shared['status'],
            'category' => [$this->terms->concept(Code::Category, 'knee-examination', 'Knee examination')],
            'code' => ['text' => 'Knee examination'],
            ...array_diff_key($shared, ['status' => true]),
            ...($when === null ? [] : ['effectiveDateTime' => $when]),
            'result' => $results,
            ...($conclusion === '' ? [] : ['conclusion' => $conclusion]),
            ...($paper === null ? [] : ['presentedForm' => [[
                'contentType' => 'application/pdf', 'data' => base64_encode($paper), 'title' => 'Knee examination',
            ]]]),
        ]);
    }

    /**
     * Who signed, when, and the digest of it.
     *
     * @param  list<array{reference: string}>  $targets
     */
    private function provenance(Entries $entries, Signature $signature, array $targets): void
    {
        $signer = $entries->addOnce('Practitioner', $signature->by);
        $entries->add('Provenance', 'signature', [
            'target' => $targets,
            'recorded' => $signature->at,
            'agent' => [['type' => $this->terms->hl7('provenance-participant-type', 'legal', 'Legal'), 'who' => $signer]],
            'signature' => [[
                'type' => [['system' => 'urn:iso-astm:E1762-95:2013', 'code' => '1.2.840.10065.1.12.1.1', 'display' => "Author's Signature"]],
                'when' => $signature->at,
                'who' => $signer,
                'sigFormat' => 'text/plain',
                'data' => base64_encode("sha256:{$signature->digest}"),
            ]],
        ]);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use DateTimeImmutable;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Document\Path;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * Makes an examination document out of a Bundle of FHIR R4 resources that holds one examination.
 *
 * @internal
 */
final readonly class BundleReader
{
    /** Resources that say again what the document says, or what follows from it: worked out anew, and not taken over. */
    private const FOLLOW = [
        'EpisodeOfCare', 'Condition', 'DiagnosticReport', 'RiskAssessment', 'Flag', 'ServiceRequest', 'CarePlan', 'Appointment',
        'Organization', 'PractitionerRole', 'Provenance', 'RelatedPerson', 'Consent', 'Communication',
    ];

    public function __construct(private Labels $labels, private Terms $terms, private ExaminationReader $examinations)
    {
    }

    /**
     * @param  mixed  $bundle  decoded JSON, objects as objects
     * @param  DateTimeImmutable  $today  nothing in the bundle may have happened later
     *
     * @throws Refusal naming the element of the bundle
     */
    public function read(mixed $bundle, DateTimeImmutable $today): ReadBundle
    {
        return $this->examination(BundleChecks::of($bundle, $today));
    }

    /**
     * @param  list<Found>  $found  the resources of one examination, checked before
     *
     * @throws Refusal naming the element of the bundle
     */
    public function examination(array $found): ReadBundle
    {
        $unknown = [];
        $byType = [];
        $observations = [];
        foreach ($found as $one) {
            $byType[$one->type()][] = $one;
            if ($one->type() === 'Observation') {
                $observations += [$one->fullUrl => $one, "Observation/{$one->given->text('id')}" => $one];
            }
        }
        $reader = new ObservationReader($this->terms, $this->labels, $observations);
        $document = $this->document($reader, $byType['Observation'] ?? [], $unknown);
        $patient = $this->only($byType, 'Patient');
        self::refuseWithoutBirthDate($patient, $this->terms);
        $this->encounter($document, $reader, $byType);
        $this->people($document, $reader, $patient, $byType);
        foreach (array_diff(array_keys($byType), ['Observation', 'Patient', 'Encounter', 'Practitioner', ...self::FOLLOW]) as $type) {
            array_push($unknown, ...array_map(static fn (Found $one): string => $one->path, $byType[$type]));
        }
        $this->accept($document, $reader->places);

        return new ReadBundle($document, $patient->resource, [...$unknown, ...$reader->unknown]);
    }

    /**
     * @param  list<Found>  $observations
     * @param  list<string>  $unknown
     */
    private function document(ObservationReader $reader, array $observations, array &$unknown): stdClass
    {
        $members = [];
        foreach ($observations as $one) {
            foreach ($reader->referred($one) as $member) {
                $members[$member->path] = true;
            }
        }
        $document = (object) ['format' => ExaminationReader::FORMAT, 'version' => ExaminationReader::VERSION];
        $whole = null;
        foreach ($observations as $one) {
            $part = $reader->partOf($one);
            if (isset($members[$one->path])) {
                continue;
            }
            if ($part === ExaminationParts::WHOLE) {
                $whole === null ?: throw Refusal::at($one->path, 'expected one examination, and this is another');
                $whole = $reader->part($one, '') ?? new stdClass;
                self::fill($document, $whole, $one->path);
            } elseif ($reader->isRecord($one)) {
                self::append($document, 'findings', fn (string $place): stdClass => $reader->record($one, $place));
            } elseif ($part === ExaminationParts::AGE) {
                $document->ageYears = $reader->age($one);
            } elseif ($part !== null && \in_array($part, ExaminationParts::LISTS, true)) {
                self::append($document, $part, fn (string $place): ?stdClass => $reader->part($one, $place));
            } elseif ($part !== null) {
                property_exists($document, $part) && throw Refusal::at($one->path, "{$part} is said twice");
                $document->{$part} = $reader->part($one, $part);
            } else {
                $unknown[] = $one->path;
            }
        }
        if ($whole === null) {
            throw Refusal::at('entry', 'expected an Observation '.$this->terms->own(Code::Part).'|'.ExaminationParts::WHOLE);
        }

        foreach ($observations as $one) {
            $reader->isLeft($one) && throw Refusal::at($one->path, 'nothing of this examination has this Observation as a member');
        }

        return $document;
    }

    private static function fill(stdClass $document, stdClass $whole, string $path): void
    {
        foreach (get_object_vars($whole) as $key => $value) {
            property_exists($document, $key) && throw Refusal::at($path, "{$key} is said twice");
            $document->{$key} = $value;
        }
    }

    /** @param  callable(string): ?stdClass  $read */
    private static function append(stdClass $document, string $key, callable $read): void
    {
        $list = \is_array($document->{$key} ?? null) ? $document->{$key} : [];
        $document->{$key} = [...$list, $read("{$key}[".\count($list).']')];
    }

    /**
     * @param  array<string, list<Found>>  $byType
     */
    private function only(array $byType, string $type): Found
    {
        return match (\count($byType[$type] ?? [])) {
            0 => throw Refusal::at('entry', "expected a {$type}"),
            1 => $byType[$type][0],
            default => throw Refusal::at($byType[$type][1]->path, "expected one {$type}, and this is another"),
        };
    }

    private static function refuseWithoutBirthDate(Found $patient, Terms $terms): void
    {
        foreach ($patient->given->inner('meta')->items('tag') as $tag) {
            if ($tag->text('system') === $terms->own(Code::Tag) && $tag->text('code') === Code::DOCUMENT_ONLY) {
                return;
            }
        }
        if (! $patient->given->has('birthDate')) {
            throw Refusal::at("{$patient->path}.birthDate", 'expected the birth date of the athlete');
        }
    }

    /** @param  array<string, list<Found>>  $byType */
    private function encounter(stdClass $document, ObservationReader $reader, array $byType): void
    {
        if (! isset($byType['Encounter'])) {
            return;
        }
        $encounter = $this->only($byType, 'Encounter');
        $this->identify($document, $reader, $encounter, Code::Examination, 'id');
        $start = $encounter->given->inner('period')->word('start');
        if ($start !== null) {
            $document->examinedAt = $start;
            $reader->places['examinedAt'] = "{$encounter->path}.period.start";
        }
    }

    /** @param  array<string, list<Found>>  $byType */
    private function people(stdClass $document, ObservationReader $reader, Found $patient, array $byType): void
    {
        $this->identify($document, $reader, $patient, Code::Athlete, 'athlete');
        foreach ($byType['Practitioner'] ?? [] as $practitioner) {
            $this->identify($document, $reader, $practitioner, Code::Examiner, 'examiner');
        }
    }

    private function identify(stdClass $document, ObservationReader $reader, Found $found, Code $system, string $key): void
    {
        foreach ($found->given->items('identifier') as $index => $identifier) {
            if ($identifier->text('system') === $this->terms->own($system)) {
                $document->{$key} = $identifier->text('value');
                $reader->places[$key] = "{$found->path}.identifier[{$index}].value";
            }
        }
    }

    /**
     * @param  array<string, string>  $places
     *
     * @throws Refusal what the document's own rules refuse, told by its place in the bundle
     */
    private function accept(stdClass $document, array $places): void
    {
        try {
            $this->examinations->read($document);
        } catch (Refusal $refusal) {
            $place = $refusal->path;
            while ($place !== '' && ! isset($places[$place])) {
                $place = Path::parent($place);
            }
            throw Refusal::at($places[$place] ?? 'entry', $place === $refusal->path || $refusal->path === ''
                ? $refusal->reason : "{$refusal->path}: {$refusal->reason}");
        }
    }
}

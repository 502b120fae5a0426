<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use DateTimeImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\Code;
use GrayCompass\Core\Fhir\Parties;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\ReadRecord;
use GrayCompass\Core\Fhir\ReferenceResult;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Fhir\Uuids;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Json;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A bundle with several examinations and what the knees turned out to have comes apart again. */
final class RecordReaderTest extends TestCase
{
    private const NAMES = ['whole-clinic-route', 'fresh-cruciate-tear'];

    private const ATHLETES = ['01kbdr00000000000000000001', '01kbdr00000000000000000002'];

    private const EXAMINATIONS = ['01kbdr00000000000000000003', '01kbdr00000000000000000004'];

    private const RESULTS = ['mri' => '01kbdr00000000000000000005', 'arthroscopy' => '01kbdr00000000000000000006'];

    private Bundles $bundles;

    protected function setUp(): void
    {
        $this->bundles = new Bundles;
    }

    public function test_each_examination_and_each_result_comes_back_with_its_athlete(): void
    {
        $record = $this->read($this->bundle());
        self::assertSame([], $record->unknown);
        self::assertCount(4, $record->entries);
        foreach (self::NAMES as $place => $name) {
            $entry = $record->entries[$place];
            self::assertNull($entry->refusal);
            $expected = self::document($name, $place);
            self::assertEquals(self::sorted(self::examined($expected)), self::sorted(self::examined($entry->document)));
            self::assertSame(Uuids::ofUlid(self::ATHLETES[$place]), $entry->patient?->id);
        }
        foreach ([2 => ['mri', false], 3 => ['arthroscopy', true]] as $place => [$kind, $isProcedure]) {
            $entry = $record->entries[$place];
            self::assertSame(Uuids::ofUlid(self::ATHLETES[0]), $entry->patient?->id);
            self::assertEquals(self::look($kind, $isProcedure, ''), $entry->reference);
        }
    }

    public function test_one_that_cannot_be_read_leaves_the_others(): void
    {
        $bundle = $this->bundle();
        foreach ($bundle->entry as $place => $entry) {
            if (($entry->resource->resourceType ?? '') === 'Observation' && isset($entry->resource->valueCodeableConcept)) {
                unset($entry->resource->bodySite);
                $without = $place;

                break;
            }
        }
        $record = $this->read($bundle);
        self::assertSame("entry[{$without}].resource.bodySite", $record->entries[2]->refusal?->path);
        self::assertNull($record->entries[2]->reference);
        self::assertNotNull($record->entries[0]->document);
        self::assertNotNull($record->entries[3]->reference);
    }

    public function test_a_resource_of_none_of_them_is_named(): void
    {
        $bundle = $this->bundle();
        $bundle->entry[] = (object) ['fullUrl' => 'urn:uuid:9b1f0f3c-7c44-4be0-9d8e-9c8f5a4b2f10', 'resource' => (object) [
            'resourceType' => 'Observation', 'status' => 'final', 'code' => (object) ['text' => 'Resting pulse'],
        ]];
        self::assertSame(['entry['.(\count($bundle->entry) - 1).'].resource'], $this->read($bundle)->unknown);
    }

    private function bundle(): stdClass
    {
        $entries = [];
        foreach (self::NAMES as $place => $name) {
            $document = self::document($name, $place);
            $assessor = new Assessor;
            $assessment = Json::read(Json::write(AssessmentWriter::write($assessor->assess($assessor->read($document)))), Bundles::MAX_BYTES);
            self::assertInstanceOf(stdClass::class, $assessment);
            $bundle = $this->bundles->of($document, $assessment, new Parties(self::patient($place)));
            $entries = [...$entries, ...$bundle['entry']];
        }
        foreach ([self::look('mri', false), self::look('arthroscopy', true)] as $result) {
            $entries = [...$entries, ...$this->bundles->ofReferenceResult($result, self::patient(0))];
        }
        $bundle = Json::read(
            Json::write(['resourceType' => 'Bundle', 'type' => 'collection', 'entry' => $entries]), Bundles::MAX_BYTES,
        );
        self::assertInstanceOf(stdClass::class, $bundle);

        return $bundle;
    }

    private function read(stdClass $bundle): ReadRecord
    {
        return $this->bundles->readRecord($bundle, new DateTimeImmutable('2027-01-01'));
    }

    private static function patient(int $place): Party
    {
        return new Party(self::ATHLETES[$place], [
            'identifier' => [(new Terms)->identifier(Code::Athlete, self::ATHLETES[$place])], 'birthDate' => '2004-05-06',
        ]);
    }

    private static function look(string $kind, bool $isProcedure, ?string $id = null): ReferenceResult
    {
        return new ReferenceResult(
            $id ?? self::RESULTS[$kind], $kind, '', $isProcedure, '2026-03-14', Side::Left, [
                ['condition' => Condition::Acl, 'seen' => 'present', 'grade' => 3],
                ['condition' => Condition::MedialMeniscus, 'seen' => 'absent', 'grade' => null],
            ], 'seen twice',
        );
    }

    private static function document(string $name, int $place): stdClass
    {
        $document = Example::document($name);
        $document->id = self::EXAMINATIONS[$place];
        $document->examinedAt = '2026-03-1'.($place + 1).'T09:30:00Z';

        return $document;
    }

    /** Without whose it is: that comes from the athletes beside it. */
    private static function examined(?stdClass $document): stdClass
    {
        $examined = clone ($document ?? new stdClass);
        unset($examined->athlete);

        return $examined;
    }

    private static function sorted(mixed $value): mixed
    {
        if ($value instanceof stdClass) {
            $value = array_map(self::sorted(...), get_object_vars($value));
            ksort($value);

            return $value;
        }

        return \is_array($value) ? array_map(self::sorted(...), $value) : $value;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\CodeSystems;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\ReferenceResult;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Fhir\Units;
use GrayCompass\Core\Fhir\Uuids;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What other software must be able to read out of a bundle without knowing this program. */
final class BundleWriterTest extends TestCase
{
    public function test_a_record_says_what_was_found_and_whether_it_counts(): void
    {
        $bundle = self::of(Example::document('whole-clinic-route'));
        $lachman = self::observations($bundle, 'lachman')['left-knee'];
        self::assertSame('POS', $lachman->interpretation[0]->coding[0]->code);
        self::assertSame('counts', $lachman->extension[0]->extension[1]->url);
        self::assertTrue($lachman->extension[0]->extension[1]->valueBoolean);
        self::assertFalse(property_exists(self::observations($bundle, 'lachman')['right-knee'], 'interpretation'));
        self::assertSame(['value' => 10, 'unit' => 'mm', 'system' => Terms::UCUM, 'code' => 'mm'], (array) $lachman->component[0]->valueQuantity);
    }

    public function test_what_does_not_count_says_why(): void
    {
        $reasons = [];
        foreach (Example::names() as $name) {
            foreach (self::of(Example::document($name))->entry as $entry) {
                foreach ($entry->resource->extension ?? [] as $extension) {
                    if (str_ends_with($extension->url, ':counts') && $extension->extension[1]->valueBoolean === false) {
                        $reasons[] = $extension->extension[2]->valueString;
                    }
                }
            }
        }
        self::assertGreaterThan(5, \count($reasons));
        self::assertNotContains('', $reasons);
    }

    public function test_what_was_not_done_has_a_reason_and_no_value(): void
    {
        $document = Example::document('touchline-go');
        $document->findings[] = (object) ['manoeuvre' => 'pivot_shift', 'side' => 'left', 'notDone' => 'pain', 'note' => 'guards'];
        $pivot = self::observations(self::of($document), 'pivot_shift')['left-knee'];
        self::assertSame('pain', $pivot->dataAbsentReason->coding[0]->code);
        self::assertSame('guards', $pivot->note[0]->text);
        self::assertFalse(property_exists($pivot, 'component'));
    }

    public function test_a_touchline_is_in_the_field_and_a_signed_examination_is_final(): void
    {
        $document = Example::document('touchline-go');
        self::assertSame('FLD', self::first(self::of($document), 'Encounter')->class->code);
        self::assertSame('preliminary', self::first(self::of($document), 'DiagnosticReport')->status);
        $document->signedAt = '2026-03-15T10:00:00Z';
        self::assertSame('final', self::first(self::of($document), 'DiagnosticReport')->status);
        self::assertSame('finished', self::first(self::of($document), 'Encounter')->status);
        self::assertSame('AMB', self::first(self::of(Example::document('jumpers-knee')), 'Encounter')->class->code);
    }

    public function test_a_referral_has_a_window_and_a_priority(): void
    {
        $document = Example::document('both-cruciates-an-emergency');
        $referral = self::first(self::of($document), 'ServiceRequest');
        self::assertSame(['stat', '2026-07-01', '2026-07-01'], [
            $referral->priority, $referral->occurrencePeriod->start, $referral->occurrencePeriod->end,
        ]);
        unset($document->examinedAt);
        self::assertFalse(property_exists(self::first(self::of($document), 'ServiceRequest'), 'occurrencePeriod'));
    }

    public function test_a_condition_without_a_chance_is_told_apart(): void
    {
        $chances = self::first(self::of(Example::document('known-arthroscopy-excludes')), 'RiskAssessment');
        $untold = array_map(static fn (stdClass $one): array => [
            $one->extension[0]->valueCode, $one->extension[1]->valueCode,
        ], $chances->extension);
        self::assertContains(['acl', 'excluded'], $untold);
        foreach ($chances->prediction as $prediction) {
            self::assertIsNumeric($prediction->probabilityDecimal);
        }
    }

    public function test_a_reference_result_is_a_report_or_a_procedure_with_an_observation_for_each_condition(): void
    {
        $patient = new Party('01m8s0y96j161v4qthj5jhb771', ['name' => [['text' => 'Suvi Peverell']]]);
        $answers = [
            ['condition' => Condition::Acl, 'seen' => 'present', 'grade' => 2],
            ['condition' => Condition::Mcl, 'seen' => 'absent', 'grade' => null],
        ];
        foreach ([[false, 'DiagnosticReport'], [true, 'Procedure']] as [$isProcedure, $type]) {
            $entries = (new Bundles)->ofReferenceResult(
                new ReferenceResult('r1', 'mri', 'MRI', $isProcedure, '2026-03-20', Side::Left, $answers, 'a bruise'),
                $patient,
            );
            $types = array_column(array_column($entries, 'resource'), 'resourceType');
            self::assertSame(['Observation', 'Observation', $type], $types);
            self::assertSame($isProcedure, isset($entries[0]['resource']['partOf']));
            self::assertSame($patient->reference(), $entries[1]['resource']['subject']);
        }
    }

    public function test_every_code_of_a_bundle_is_published(): void
    {
        $figures = new Figures;
        $bundles = new Bundles($figures);
        self::assertInstanceOf(CodeSystems::class, $bundles->codeSystems);
        $published = [];
        foreach ($bundles->codeSystems->names() as $name) {
            $system = $bundles->codeSystems->find($name);
            self::assertNotNull($system);
            $published["urn:gray-compass:{$name}"] = array_column((array) $system['concept'], 'code');
        }
        self::assertNull($bundles->codeSystems->find('colour'));
        $text = Json::write(self::of(Example::document('whole-clinic-route')));
        preg_match_all('/"system": "(urn:gray-compass:(?:manoeuvre|field|check|condition|body-site))",\s+"code": "(\w[\w-]*)"/', $text, $used, PREG_SET_ORDER);
        self::assertGreaterThan(100, \count($used));
        foreach ($used as [, $system, $code]) {
            self::assertContains($code, $published[$system], $system);
        }
    }

    public function test_a_ulid_and_its_uuid_are_the_same_bits(): void
    {
        $ulid = '01m8s0y96j161v4qthj5jhb771';
        self::assertSame('01a2320f-24d2-0983-b25f-519165159ce1', Uuids::ofUlid($ulid));
        self::assertSame($ulid, Uuids::toUlid(Uuids::ofUlid($ulid)));
        self::assertNull(Uuids::toUlid('01a2320f'));
    }

    public function test_lengths_and_angles_are_converted_and_nothing_else(): void
    {
        self::assertSame(10.5, Units::convert(1.05, 'cm', 'mm'));
        self::assertSame(2.54, Units::convert(1, '[in_i]', 'cm'));
        self::assertSame(90.0, Units::convert(M_PI / 2, 'rad', 'deg'));
        self::assertSame(3, Units::convert(3, 'N', 'N'));
        foreach ([['kg', 'N'], ['mm', 'deg'], ['h', 'd'], ['', 'mm']] as [$given, $wanted]) {
            self::assertNull(Units::convert(1, $given, $wanted));
        }
    }

    private static function of(stdClass $document): stdClass
    {
        return (object) (array) Json::read(Json::write((new Bundles)->ofDocument($document)), Bundles::MAX_BYTES);
    }

    private static function first(stdClass $bundle, string $type): stdClass
    {
        foreach ($bundle->entry as $entry) {
            if ($entry->resource->resourceType === $type) {
                return $entry->resource;
            }
        }
        self::fail("there is no {$type}");
    }

    /** @return array<string, stdClass> by knee */
    private static function observations(stdClass $bundle, string $manoeuvre): array
    {
        $found = [];
        foreach ($bundle->entry as $entry) {
            if (($entry->resource->code->coding[0]->code ?? '') === $manoeuvre) {
                $found[$entry->resource->bodySite->coding[0]->code] = $entry->resource;
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use Closure;
use DateTimeImmutable;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\ReadBundle;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What is taken out of a bundle that was changed on its way, and what is refused by its element. */
final class BundleReaderTest extends TestCase
{
    /**
     * @param  Closure(stdClass): string  $spoil  spoils the bundle and says which element must be named
     */
    #[DataProvider('spoiled')]
    public function test_what_is_wrong_is_refused_by_its_element(Closure $spoil, string $reason): void
    {
        $bundle = self::bundle();
        $path = $spoil($bundle);
        try {
            self::read($bundle);
            self::fail("{$path} was accepted");
        } catch (Refusal $refusal) {
            self::assertSame($path, $refusal->path, $refusal->reason);
            self::assertStringContainsString($reason, $refusal->reason);
        }
    }

    /** @return iterable<string, array{Closure(stdClass): string, string}> */
    public static function spoiled(): iterable
    {
        yield 'no bundle' => [self::at('', static function (stdClass $bundle): string {
            $bundle->resourceType = 'Patient';

            return 'resourceType';
        }), 'expected a FHIR Bundle'];
        yield 'another type of bundle' => [self::at('', static function (stdClass $bundle): string {
            $bundle->type = 'transaction';

            return 'type';
        }), 'type collection'];
        yield 'nothing in it' => [self::at('', static function (stdClass $bundle): string {
            $bundle->entry = [];

            return 'entry';
        }), 'at least one resource'];
        yield 'an entry without a resource' => [self::at('', static function (stdClass $bundle): string {
            unset($bundle->entry[2]->resource);

            return 'entry[2].resource';
        }), 'expected a resource'];
        yield 'a reference that leads nowhere' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->subject->reference = 'urn:uuid:00000000-0000-4000-8000-000000000000';

            return "{$path}.subject.reference";
        }), 'no such resource'];
        yield 'a reference to another server' => [self::at('Encounter', static function (stdClass $resource, string $path): string {
            $resource->subject->reference = 'https://fenmoor.example/Patient/1';

            return "{$path}.subject.reference";
        }), 'no such resource'];
        yield 'a full URL twice' => [self::at('', static function (stdClass $bundle): string {
            $bundle->entry[3]->fullUrl = $bundle->entry[2]->fullUrl;

            return 'entry[3].fullUrl';
        }), 'another resource'];
        yield 'an identifier twice' => [self::at('Observation:lachman', static function (stdClass $resource, string $path, stdClass $bundle): string {
            $identifier = (object) ['system' => 'urn:fenmoor', 'value' => '7'];
            $resource->identifier = [$identifier];
            self::resource($bundle, 'Observation:anterior_drawer')->identifier = [(object) ['value' => '1'], clone $identifier];

            return str_replace(self::path($bundle, 'Observation:anterior_drawer'), $path, $path).'.identifier[0]';
        }), 'has this identifier'];
        yield 'no patient' => [self::at('Patient', static function (stdClass $resource): string {
            $resource->resourceType = 'Basic';

            return 'entry';
        }), 'expected a Patient'];
        yield 'a patient without a birth date' => [self::at('Patient', static function (stdClass $resource, string $path): string {
            unset($resource->meta);

            return "{$path}.birthDate";
        }), 'birth date'];
        yield 'born tomorrow' => [self::at('Patient', static function (stdClass $resource, string $path): string {
            $resource->birthDate = '2026-12-04';

            return "{$path}.birthDate";
        }), 'has not come yet'];
        yield 'no date' => [self::at('Patient', static function (stdClass $resource, string $path): string {
            $resource->birthDate = '14.3.2001';

            return "{$path}.birthDate";
        }), 'expected a date'];
        yield 'an examination of next year' => [self::at('Encounter', static function (stdClass $resource, string $path): string {
            $resource->period = (object) ['start' => '2027-01-05'];

            return "{$path}.period.start";
        }), 'has not come yet'];
        yield 'no side' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            unset($resource->bodySite);

            return "{$path}.bodySite";
        }), 'expected the knee'];
        yield 'another joint' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->bodySite->coding[0]->code = 'left-elbow';

            return "{$path}.bodySite";
        }), 'expected the knee'];
        yield 'a manoeuvre that nobody knows' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->code->coding[0]->code = 'knee_whisper';

            return "{$path}.code";
        }), 'no manoeuvre knee_whisper'];
        yield 'pounds instead of millimetres' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->component[0]->valueQuantity->code = '[lb_av]';

            return "{$path}.component[0].valueQuantity.code";
        }), 'expected the unit mm'];
        yield 'a length without a unit' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            unset($resource->component[0]->valueQuantity->code, $resource->component[0]->valueQuantity->unit);

            return "{$path}.component[0].valueQuantity.code";
        }), 'expected the unit mm'];
        yield 'a shift beyond every knee' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->component[0]->valueQuantity->value = 400;

            return "{$path}.component[0]";
        }), '0 to 40'];
        yield 'a word as a number' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->component[0]->valueQuantity->value = '10';

            return "{$path}.component[0].valueQuantity.value";
        }), 'expected a number'];
        yield 'a field of another manoeuvre' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->component[0]->code->coding[0]->code = 'heelRises';

            return "{$path}.component[0].code";
        }), 'has no heelRises'];
        yield 'a measure twice' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            $resource->component[] = $resource->component[0];

            return "{$path}.component[".(\count($resource->component) - 1).']';
        }), 'said twice'];
        yield 'a value of nothing' => [self::at('Observation:lachman', static function (stdClass $resource, string $path): string {
            unset($resource->component[0]->valueQuantity);

            return "{$path}.component[0]";
        }), 'expected a value'];
        yield 'a record twice' => [self::at('Observation:lachman', static function (stdClass $resource, string $path, stdClass $bundle): string {
            $bundle->entry[] = (object) ['fullUrl' => 'urn:uuid:00000000-0000-4000-8000-000000000000', 'resource' => unserialize(serialize($resource))];
            unset($bundle->entry[\count($bundle->entry) - 1]->resource->id);

            return 'entry['.(\count($bundle->entry) - 1).'].resource';
        }), 'stands twice'];
        yield 'a member of itself' => [self::at('Observation:history', static function (stdClass $resource, string $path): string {
            $resource->hasMember = [(object) ['reference' => "urn:uuid:{$resource->id}"]];

            return $path;
        }), 'as a member'];
        yield 'a chance above one' => [self::at('RiskAssessment', static function (stdClass $resource, string $path): string {
            $resource->prediction[0]->probabilityDecimal = 1.2;

            return "{$path}.prediction[0].probabilityDecimal";
        }), 'chance from 0 to 1'];
        yield 'a chance in words' => [self::at('RiskAssessment', static function (stdClass $resource, string $path): string {
            $resource->prediction[1]->probabilityDecimal = 'likely';

            return "{$path}.prediction[1].probabilityDecimal";
        }), 'chance from 0 to 1'];
    }

    public function test_centimetres_inches_and_radians_are_converted(): void
    {
        $bundle = self::bundle();
        $lachman = self::resource($bundle, 'Observation:lachman');
        $extension = self::resource($bundle, 'Observation:passive_extension');
        $lachman->component[0]->valueQuantity = (object) ['value' => 1.05, 'code' => 'cm', 'system' => Terms::UCUM];
        $extension->component[0]->valueQuantity = (object) ['value' => -0.13962634, 'code' => 'rad'];
        self::assertSame([10.5, -8.0], self::measured(self::read($bundle)));

        $lachman->component[0]->valueQuantity = (object) ['value' => 0.4, 'unit' => 'in'];
        self::assertSame([10.16, -8.0], self::measured(self::read($bundle)));
    }

    public function test_what_has_no_place_in_the_document_is_listed(): void
    {
        $bundle = self::bundle();
        $bundle->entry[] = (object) ['resource' => (object) ['resourceType' => 'Device', 'id' => 'd']];
        $lachman = self::resource($bundle, 'Observation:lachman');
        $lachman->device = (object) ['display' => 'a lever'];
        $lachman->component[] = (object) ['code' => (object) ['text' => 'mood'], 'valueString' => 'good'];
        $path = self::path($bundle, 'Observation:lachman');
        $unknown = self::read($bundle)->unknown;
        sort($unknown);
        $expected = ['entry['.(\count($bundle->entry) - 1).'].resource', "{$path}.component[".(\count($lachman->component) - 1).']', "{$path}.device"];
        sort($expected);
        self::assertSame($expected, $unknown);
    }

    public function test_a_patient_with_a_birth_date_needs_no_tag(): void
    {
        $bundle = self::bundle();
        $patient = self::resource($bundle, 'Patient');
        unset($patient->meta);
        $patient->birthDate = '2001-03-14';
        self::assertSame('2001-03-14', self::read($bundle)->patient->birthDate);
    }

    /**
     * @param  string  $which  type of the resource, and after a colon its code; empty: the bundle
     * @param  Closure(stdClass, string, stdClass): string  $spoil
     * @return Closure(stdClass): string
     */
    private static function at(string $which, Closure $spoil): Closure
    {
        return static fn (stdClass $bundle): string => $which === ''
            ? $spoil($bundle, '', $bundle)
            : $spoil(self::resource($bundle, $which), self::path($bundle, $which), $bundle);
    }

    private static function bundle(): stdClass
    {
        return (object) (array) Json::read(Json::write((new Bundles)->ofDocument(Example::document('whole-clinic-route'))), Bundles::MAX_BYTES);
    }

    private static function read(stdClass $bundle): ReadBundle
    {
        return (new Bundles)->read(Json::read(Json::write($bundle), Bundles::MAX_BYTES), new DateTimeImmutable('2026-12-01'));
    }

    private static function resource(stdClass $bundle, string $which): stdClass
    {
        return $bundle->entry[self::index($bundle, $which)]->resource;
    }

    private static function path(stdClass $bundle, string $which): string
    {
        return 'entry['.self::index($bundle, $which).'].resource';
    }

    /** The last one: of the hurt knee, where there are two. */
    private static function index(stdClass $bundle, string $which): int
    {
        [$type, $code] = [...explode(':', $which), null];
        $found = array_keys(array_filter($bundle->entry, static fn (stdClass $entry): bool => ($entry->resource->resourceType ?? '') === $type
            && ($code === null || $entry->resource->code->coding[0]->code === $code)));

        return $found[\count($found) - 1];
    }

    /** @return array{float, float} shift of the hurt knee in the Lachman test in mm, its extension in degrees */
    private static function measured(ReadBundle $read): array
    {
        $measured = [];
        foreach ($read->document->findings as $finding) {
            if ($finding->side === 'left') {
                $measured[$finding->manoeuvre] = $finding->translationMm ?? $finding->extensionDeg ?? null;
            }
        }

        return [round((float) $measured['lachman'], 6), round((float) $measured['passive_extension'], 6)];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use DateTimeImmutable;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Fhir\Code;
use GrayCompass\Core\Fhir\Codings;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Codes of other terminologies that an operator adds to what is exported. */
final class CodingsTest extends TestCase
{
    private const TABLE = "ours,theirs\nmanoeuvre/lachman,https://terms.example|L-1\nmanoeuvre/lachman,urn:other|22\n";

    private const MAP = ['resourceType' => 'ConceptMap', 'group' => [[
        'source' => 'urn:gray-compass:manoeuvre', 'target' => 'https://terms.example',
        'element' => [['code' => 'lachman', 'target' => [['code' => 'L-1', 'display' => 'Lachman test']]]],
    ]]];

    public function test_a_table_and_a_map_say_what_stands_beside_a_code(): void
    {
        $beside = [['system' => 'https://terms.example', 'code' => 'L-1'], ['system' => 'urn:other', 'code' => '22']];
        self::assertSame($beside, Codings::read(self::TABLE)->beside(Code::Manoeuvre, 'lachman'));
        self::assertSame([], Codings::read(self::TABLE)->beside(Code::Word, 'lachman'));
        self::assertSame(
            [['system' => 'https://terms.example', 'code' => 'L-1', 'display' => 'Lachman test']],
            Codings::read(Json::write(self::MAP))->beside(Code::Manoeuvre, 'lachman'),
        );
    }

    public function test_they_stand_in_the_bundle_and_it_is_read_as_before(): void
    {
        $document = Example::document('whole-clinic-route');
        $bundles = new Bundles(new Figures, new Terms(further: Codings::read(self::TABLE)));
        $bundle = Json::read(Json::write($bundles->ofDocument($document)), Bundles::MAX_BYTES);
        self::assertStringContainsString('"https://terms.example"', Json::write($bundle));
        $today = new DateTimeImmutable('2027-01-01');
        self::assertEquals(
            (new Bundles)->read(Json::read(Json::write((new Bundles)->ofDocument($document)), Bundles::MAX_BYTES), $today)->document,
            $bundles->read($bundle, $today)->document,
        );
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_refused_by_its_place(string $text, string $path): void
    {
        try {
            Codings::read($text);
            self::fail('It was taken.');
        } catch (Refusal $refusal) {
            self::assertSame($path, $refusal->path);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrong(): iterable
    {
        yield 'no system of ours' => ["lachman,https://terms.example|L-1\n", 'line 1'];
        yield 'no code of theirs' => [self::TABLE."manoeuvre/sag,https://terms.example\n", 'line 4'];
        yield 'no system of theirs' => ["manoeuvre/sag;L-1\n", 'line 1'];
        yield 'another resource' => ['{"resourceType": "ValueSet"}', 'resourceType'];
        yield 'another source' => [
            str_replace('urn:gray-compass:manoeuvre', 'urn:elsewhere', Json::write(self::MAP)), 'group[0].source',
        ];
        yield 'no target' => [str_replace('"target": "https://terms.example",', '', Json::write(self::MAP)), 'group[0].target'];
        yield 'a code with a line break' => [str_replace('L-1', 'L\n1', Json::write(self::MAP)), 'group[0].element[0].target'];
        yield 'too large' => [str_repeat(' ', Codings::MAX_BYTES + 1), ''];
    }
}

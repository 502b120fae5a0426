<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Values\Role;
use App\Clinic\Models\Episode;
use App\Club\Models\Athlete;
use App\Exchange\Incoming\FileReader;
use App\Exchange\Incoming\ResultTable;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use Illuminate\Support\Facades\DB;
use stdClass;
use ZipArchive;

/** Files that are broken, or made to break something: each is refused by its place, and nothing of it is stored. */
final class HostileFilesTest extends FeatureTestCase
{
    private const SCRIPT = '"><script>alert(1)</script>';

    private const LEAST = 200;

    private const HEADS = 'Number,Side,Kind,Seen on,Condition,Seen,Grade';

    private const ROW = ['F12', 'left', 'mri', '2026-03-14', 'acl', 'present', ''];

    private Athlete $athlete;

    protected function setUp(): void
    {
        parent::setUp();
        $lead = $this->member(role: Role::Lead);
        $this->athlete = $this->athleteOf($lead);
        $this->athlete->update(['number' => 'F12']);
        Episode::query()->create([
            'athlete_id' => $this->athlete->id, 'hurt_side' => Side::Left, 'injured_on' => '2026-03-01',
        ]);
        $this->actingAs($lead);
    }

    public function test_what_they_are_made_from_is_taken(): void
    {
        $good = [
            Json::write(self::document()), self::zip(['document.json' => Json::write(self::document())]),
            Json::write((new Bundles)->ofDocument(self::document())), self::HEADS."\n".implode(',', self::ROW)."\n",
        ];
        foreach ($good as $bytes) {
            $body = ['content' => base64_encode($bytes), 'athlete' => $this->athlete->id];
            $items = $this->postJson('/api/record-imports/preview', $body)->assertOk()->json('items');
            self::assertSame(['new'], array_column((array) $items, 'status'));
        }
    }

    public function test_each_is_refused_with_place_and_reason_and_nothing_is_stored(): void
    {
        $rows = ['examinations', 'episodes', 'reference_results', 'record_imports', 'jobs'];
        $count = static fn (): array => array_map(static fn (string $table): int => DB::table($table)->count(), $rows);
        $before = $count();
        $tried = 0;
        foreach ($this->files() as $name => $bytes) {
            $tried++;
            $body = ['content' => base64_encode($bytes), 'athlete' => $this->athlete->id, 'squad' => 'Judo'];
            $answer = $this->postJson('/api/record-imports/preview', $body);
            self::assertContains($answer->status(), [200, 422], $name);
            $told = $answer->status() === 422 ? [$answer->json('error')] : $answer->json('items');
            self::assertIsArray($told);
            foreach ($told as $one) {
                self::assertNotSame('', (string) ($one['reason'] ?? $one['why']), $name);
                self::assertNotSame('', (string) ($one['path'] ?? $one['place']), $name);
                self::assertSame('refused', $one['status'] ?? 'refused', "{$name}: ".json_encode($one));
            }
            $this->postJson('/api/record-imports', [...$body, 'origin' => 'Marsh clinic', 'expects' => 1])
                ->assertStatus(422);
        }
        self::assertGreaterThanOrEqual(self::LEAST, $tried);
        self::assertSame($before, $count());
    }

    /** @return iterable<string, string> */
    private function files(): iterable
    {
        yield from self::texts();
        yield from self::zips();
        yield from self::documents();
        yield from self::tables();
        yield from self::bundles();
    }

    /** @return iterable<string, string> */
    private static function texts(): iterable
    {
        $document = Json::write(self::document());
        yield from [
            'nothing' => '', 'a space' => ' ', 'a mark of UTF-8' => "\xEF\xBB\xBF", 'a zero byte' => "\0",
            'random bytes' => hash('sha512', 'x', true), 'a picture' => "\x89PNG\r\n\x1a\n".str_repeat('x', 90),
            'a PDF' => "%PDF-1.7\n", 'markup' => '<html>'.self::SCRIPT, 'a number' => '42', 'null' => 'null',
            'an open object' => '{', 'an open list' => '[', 'an empty object' => '{}', 'an empty list' => '[]',
            'too large' => str_repeat(' ', FileReader::MAX_BYTES + 1).$document,
            'UTF-16' => "\xFF\xFE".mb_convert_encoding($document, 'UTF-16LE'),
            'another encoding' => str_replace('"handball"', "\"\xE9quitation\"", $document),
            'cut in the middle' => substr($document, 0, 900),
            'a thousand levels' => str_repeat('[', 1_000).str_repeat(']', 1_000),
            'forty levels' => str_repeat('{"a":', 40).'1'.str_repeat('}', 40),
            'a million levels' => str_repeat('{"a":', 1_000_000),
            'a number beyond all bounds' => str_replace('"hurtSide": "left"', '"hurtSide": "left", "ageYears": 1e999', $document),
            'broken lines' => "{\"a\": 1}\n{\"b\"\n",
            'lines of nothing' => str_repeat("{}\n", 50),
            'too many examinations' => str_repeat(
                (string) json_encode(self::document())."\n", FileReader::MOST_EXAMINATIONS + 1,
            ),
            'another format' => '{"format": "other/examination", "version": 1}',
        ];
    }

    /** @return iterable<string, string> */
    private static function zips(): iterable
    {
        $document = Json::write(self::document());
        $whole = self::zip(['document.json' => $document]);
        yield from [
            'a zip of nothing else' => self::zip(['read me.txt' => 'hello']),
            'a zip bomb' => self::zip(['document.json' => str_repeat(' ', 40_000_000)]),
            'many bombs' => self::zip(array_fill_keys(array_map(
                static fn (int $n): string => "{$n}/document.json", range(1, 40),
            ), str_repeat(' ', 1_100_000))),
            'a zip in a zip' => self::zip(['document.json' => $whole]),
            'a damaged zip' => substr_replace($whole, str_repeat('x', 60), -60),
            'half a zip' => substr($whole, 0, 200),
            'too many files' => self::zip(array_fill_keys(range(1, 2_001), '')),
            'a way out' => self::zip(['../../etc/document.json' => '{"format": "x"}']),
            'a name with script' => self::zip([self::SCRIPT.'.json' => '{}']),
            'a beginning alone' => "PK\x03\x04",
        ];
    }

    /** @return iterable<string, string> each with one thing that is wrong */
    private static function documents(): iterable
    {
        $wrong = [
            'version' => [0, 2, '1', null], 'setting' => [self::SCRIPT, '', null, 3], 'hurtSide' => ['both', self::SCRIPT, null],
            'findings' => [null, 'none', [null], [[]], [(object) ['manoeuvre' => self::SCRIPT, 'side' => 'left']]],
            'examinedAt' => ['2999-01-01', '2026-02-31', 'yesterday', '2026-03-14Tnoon', '2026-03-14T99:99:99Z', self::SCRIPT, 5, null],
            'daysSinceInjury' => [-1, 1.5, 1e9, '4'], 'ageYears' => [-1, 400, 3, '24'], 'route' => [self::SCRIPT, ''],
            'opening' => [(object) ['consentGiven' => 'yes'], (object) [self::SCRIPT => true], 'given'],
            'safety' => [(object) [self::SCRIPT => false], []], 'history' => [(object) ['pop' => 'loud']],
            'baseline' => [(object) ['on' => '2999-01-01', 'findings' => []]], 'unknown' => [1], self::SCRIPT => [1],
            'pulseChecks' => [[(object) ['at' => 'now', 'felt' => true]]], 'schools' => [(object) ['laxity' => self::SCRIPT]],
        ];
        foreach ($wrong as $key => $values) {
            foreach ($values as $place => $value) {
                $document = self::document();
                $document->{$key} = $value;
                yield "document, {$key} {$place}" => Json::write($document);
            }
        }
        foreach (self::records() as $name => $record) {
            $document = self::document();
            $document->findings = [...$document->findings, $record];
            yield "document, {$name}" => Json::write($document);
        }
    }

    /** @return array<string, object> */
    private static function records(): array
    {
        return [
            'a record twice' => (object) ['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => 'antalgic'],
            'a side missing' => (object) ['manoeuvre' => 'lachman', 'translationMm' => 4],
            'another side' => (object) ['manoeuvre' => 'lachman', 'side' => 'middle', 'translationMm' => 4],
            'a measure beyond its range' => (object) ['manoeuvre' => 'anterior_drawer', 'side' => 'left', 'translationMm' => 9999],
            'a measure as a word' => (object) ['manoeuvre' => 'anterior_drawer', 'side' => 'left', 'translationMm' => 'much'],
            'a field of another manoeuvre' => (object) ['manoeuvre' => 'anterior_drawer', 'side' => 'left', 'pattern' => 'normal'],
        ];
    }

    /** @return iterable<string, string> */
    private static function tables(): iterable
    {
        [$heads, $good] = [self::HEADS, self::ROW];
        $wrong = [
            ['F99', '=cmd()', self::SCRIPT], ['both', '', self::SCRIPT], ['', 'scan', self::SCRIPT],
            ['2999-01-01', '14.03.2026', '2026-02-31', '1900-01-01', ''], ['', 'knee', self::SCRIPT], ['', 'torn', '1'],
            ['0', '4', '-1', '1.5', 'iii'],
        ];
        foreach ($wrong as $column => $values) {
            foreach ($values as $value) {
                $row = $good;
                $row[$column] = $value;
                yield "table, column {$column} {$value}" => "{$heads}\n".implode(',', $row)."\n";
            }
        }
        yield 'table, heads alone' => "{$heads}\n";
        yield 'table, other heads' => "a,b,c\n1,2,3\n";
        yield 'table, too long' => "{$heads}\n".str_repeat(implode(',', $good)."\n", ResultTable::MOST_ROWS + 1);
        yield 'table, too wide' => implode(',', range(1, 80))."\n".implode(',', range(1, 80))."\n";
        yield 'table, an open quote' => "{$heads}\n\"F12,left,mri";
    }

    /** @return iterable<string, string> a good bundle, each time with one element that is wrong */
    private static function bundles(): iterable
    {
        $good = Json::write((new Bundles)->ofDocument(self::document()));
        foreach (['entry' => null, 'type' => 'transaction', 'resourceType' => 'Patient'] as $key => $value) {
            $bundle = json_decode($good);
            $bundle->{$key} = $value;
            yield "bundle, {$key}" => Json::write($bundle);
        }
        $bundle = json_decode($good);
        $bundle->entry[] = $bundle->entry[0];
        yield 'bundle, the same twice' => Json::write($bundle);
        foreach (range(1, 20) as $place) {
            $bundle = json_decode($good);
            $bundle->entry[$place]->fullUrl = $bundle->entry[0]->fullUrl;
            yield "bundle, the address of another {$place}" => Json::write($bundle);
        }
        $elements = [
            'reference' => 'urn:uuid:gone', 'probabilityDecimal' => 1.5, 'effectiveDateTime' => '2999-01-01T00:00:00Z',
        ];
        foreach ($elements as $element => $value) {
            // Of many the first and those in between: what each one breaks stands in another resource.
            foreach (range(1, 22) as $place) {
                $changed = self::changed($good, $element, $value, $place * 3);
                if ($changed !== null) {
                    yield "bundle, {$element} {$place}" => $changed;
                }
            }
        }
        foreach (range(1, 30) as $place) {
            $changed = preg_replace('/"code": "mm"/', '"code": "kg"', $good, $place);
            yield "bundle, unit {$place}" => (string) $changed;
        }
        foreach (['left-knee', 'clinic', self::SCRIPT] as $word) {
            yield "bundle, side {$word}" => str_replace('"right-knee"', json_encode("{$word}-x", JSON_THROW_ON_ERROR), $good);
        }
    }

    /** The bundle with the given occurrence of an element changed; null where it has fewer. */
    private static function changed(string $good, string $element, string|float $value, int $place): ?string
    {
        $seen = 0;
        $changed = preg_replace_callback(
            '/"'.$element.'": ("[^"]*"|[0-9.eE+-]+)/',
            static function (array $found) use (&$seen, $place, $element, $value): string {
                return ++$seen === $place ? "\"{$element}\": ".json_encode($value) : $found[0];
            },
            $good,
        );

        return $seen < $place ? null : $changed;
    }

    private static function document(): stdClass
    {
        $document = Example::document('fresh-cruciate-tear');
        unset($document->ageYears, $document->athlete);
        $document->examinedAt = '2026-03-14T09:30:00Z';

        return $document;
    }

    /** @param  array<array-key, string>  $files */
    private static function zip(array $files): string
    {
        $name = (string) tempnam(sys_get_temp_dir(), 'hostile');
        $zip = new ZipArchive;
        $zip->open($name, ZipArchive::OVERWRITE);
        foreach ($files as $path => $content) {
            $zip->addFromString((string) $path, $content);
        }
        $zip->close();
        $bytes = (string) file_get_contents($name);
        unlink($name);

        return $bytes;
    }
}

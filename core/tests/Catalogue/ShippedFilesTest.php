<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Catalogue;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\Question;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Safety\SafetyRule;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The shipped files keep their shape, every id that one names exists, and nothing shown lacks a word. */
final class ShippedFilesTest extends TestCase
{
    private const DATA = __DIR__.'/../../data';

    /**
     * @return iterable<string, array{0: string, 1: string, 2?: string}> file, part of the schema, which schema
     */
    public static function files(): iterable
    {
        foreach (Station::cases() as $station) {
            yield $station->value => ["catalogue/{$station->value}.json", ''];
        }
        yield 'fields' => ['fields.json', '#/$defs/fields'];
        yield 'questions' => ['questions.json', '#/$defs/questions'];
        yield 'words' => ['words.json', '#/$defs/words'];
        yield 'facts' => ['facts.json', '', 'facts'];
        foreach (['abnormal', 'urgency', 'gate', 'considerations', 'play', 'rules', 'schools', 'routes'] as $name) {
            yield $name => ["{$name}.json", "#/\$defs/{$name}", 'facts'];
        }
    }

    #[DataProvider('files')]
    public function test_a_file_keeps_its_shape(string $file, string $part, string $schema = 'catalogue'): void
    {
        $validator = new Validator;
        $validator->resolver()?->registerFile(
            "https://gray-compass.test/{$schema}",
            self::DATA."/{$schema}.schema.json",
        );
        $result = $validator->validate(
            json_decode((string) file_get_contents(self::DATA."/{$file}")),
            "https://gray-compass.test/{$schema}{$part}",
        );
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error)),
        );
    }

    public function test_every_id_that_the_data_names_exists(): void
    {
        $figures = new Figures;
        $signs = array_keys($figures->signs()->labels());
        $ids = array_map(static fn ($manoeuvre): string => $manoeuvre->id, $figures->catalogue()->manoeuvres);
        foreach (glob(self::DATA.'/catalogue/*.json') ?: [] as $file) {
            foreach (json_decode((string) file_get_contents($file), true) as $id => $data) {
                foreach ($data['feeds'] ?? [] as $sign) {
                    self::assertContains($sign, $signs, $id);
                }
                self::assertSame([], array_diff($data['traits']['leansOn'] ?? [], $ids), $id);
                $names = array_map(static fn (string|array $field): string => $field['name']
                    ?? $field, $data['fields']);
                if (isset($data['judgedBy'])) {
                    self::assertNotEmpty($data['feeds'] ?? [], "{$id} is judged, and feeds nothing");
                    self::assertContains($data['judgedBy']['field'] ?? $names[0], $names, $id);
                }
                $rules = [...$data['traits']['openUnder'] ?? [], ...$data['traits']['closedUnder'] ?? []];
                self::assertSame([], array_diff($rules, array_column(SafetyRule::cases(), 'value')), $id);
                self::assertSame([], array_diff($data['traits']['joins'] ?? [], $figures->routes()->ids()), $id);
                foreach (['dueAfter', 'onlyAfter', 'outweighedBy'] as $trait) {
                    self::assertSame([], array_diff($data['traits'][$trait] ?? [], $signs), "{$id} {$trait}");
                }
                $tick = $data['traits']['tickThatMatters'] ?? null;
                self::assertTrue($tick === null || in_array($tick, $data['checks'], true), $id);
            }
        }
    }

    /** A typo in a list of ids would be a rule that silently never fires. */
    public function test_every_manoeuvre_and_sign_named_in_the_code_exists(): void
    {
        $figures = new Figures;
        $known = [
            ...array_map(static fn ($manoeuvre): string => $manoeuvre->id, $figures->catalogue()->manoeuvres),
            ...array_keys($figures->signs()->labels()),
        ];
        $stems = array_unique(array_map(static fn (string $id): string => explode('_', $id)[0], $known));
        foreach (self::calls() as $place => $id) {
            if (in_array(explode('_', $id)[0], $stems, true)) {
                self::assertContains($id, $known, $place);
            }
        }
    }

    public function test_every_code_has_a_word(): void
    {
        $words = (new Figures)->words();
        foreach ((new Figures)->catalogue()->manoeuvres as $manoeuvre) {
            self::assertSame([], array_diff($manoeuvre->checks, array_keys($words)), $manoeuvre->id);
            foreach ([...$manoeuvre->fields, ...array_merge(...array_map(static fn (Field $field): array =>
                $field->inner, $manoeuvre->fields))] as $field) {
                self::assertSame([], array_diff($field->words, array_keys($words)), "{$manoeuvre->id}.{$field->name}");
            }
        }
        foreach ((new Figures)->document()['choices'] as $kind => $codes) {
            self::assertSame([], array_diff($codes, array_keys($words)), $kind);
        }
        self::assertNotEmpty(array_intersect(array_column(NotDone::cases(), 'value'), array_keys($words)));
    }

    public function test_each_section_is_asked_for_all_of_its_keys(): void
    {
        $asked = array_map(
            static fn (array $questions): array => array_map(
                static fn (Question $question): string => $question->key,
                $questions,
            ),
            (new Figures)->questions()->bySection,
        );
        self::assertEqualsCanonicalizing(array_column(SafetyKey::cases(), 'value'), $asked['safety']);
        self::assertEqualsCanonicalizing(array_column(HistoryItem::cases(), 'value'), $asked['history']);
        $guardian = array_values(array_filter(
            (new Figures)->questions()->bySection['opening'],
            static fn (Question $question): bool => $question->underYears !== null,
        ));
        self::assertSame(
            [['guardianConsent', KneeExamination::GROWN_YEARS]],
            array_map(static fn (Question $question): array => [$question->key, $question->underYears], $guardian),
        );
    }

    /**
     * Ids handed to what looks a manoeuvre or a sign up by its name.
     *
     * @return iterable<string, string> by place
     */
    private static function calls(): iterable
    {
        $asks = 'isPositive|isNegative|counted|positive|negative|hurt|other|record|feeding|get|grade|isDone|leftOut|find|sign';
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            __DIR__.'/../../src',
            \FilesystemIterator::SKIP_DOTS,
        ));
        foreach ($files as $file) {
            foreach (file((string) $file) ?: [] as $line => $text) {
                preg_match_all("/->(?:{$asks})\\(((?:'[a-z0-9_]+'(?:, )?)+)/", $text, $found);
                foreach ($found[1] as $list) {
                    preg_match_all("/'([a-z0-9_]+)'/", $list, $ids);
                    foreach ($ids[1] as $id) {
                        yield basename((string) $file).':'.($line + 1)." {$id}" => $id;
                    }
                }
            }
        }
    }
}

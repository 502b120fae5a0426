<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Catalogue;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\Instrument;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Examination\Facts\Fact;
use PHPUnit\Framework\TestCase;

/** A typo in a condition would be a rule that silently never fires: all that conditions name must exist. */
final class ShippedConditionsTest extends TestCase
{
    private const DATA = __DIR__.'/../../data';

    private const FILES = ['facts', 'gate', 'considerations', 'play', 'schools', 'abnormal'];

    /** So many names of manoeuvres may stand in the code; all others are asked for by trait or fact. */
    private const NAMES_IN_CODE = 60;

    public function test_conditions_name_manoeuvres_fields_words_and_checks_that_exist(): void
    {
        $catalogue = (new Figures)->catalogue();
        foreach (self::conditions() as $place => $condition) {
            foreach ((array) ($condition['of'] ?? []) as $id) {
                self::assertTrue($catalogue->has($id), "{$place}: {$id}");
                self::holdToFields($condition, $catalogue->get($id), $place);
            }
        }
    }

    public function test_conditions_name_signs_and_facts_that_exist_and_every_fact_is_asked_for(): void
    {
        $signs = array_keys((new Figures)->signs()->labels());
        $facts = (new Figures)->facts()->names();
        $asked = array_map(static fn (Fact $fact): string => $fact->value, Fact::cases());
        foreach (self::conditions() as $place => $condition) {
            $named = [...(array) ($condition['positive'] ?? []), ...(array) ($condition['negative'] ?? [])];
            self::assertSame([], array_diff($named, $signs), $place);
            $asked = [...$asked, ...(array) ($condition['fact'] ?? [])];
        }
        self::assertEqualsCanonicalizing($facts, array_values(array_unique($asked)));
    }

    public function test_few_manoeuvres_are_named_in_the_code(): void
    {
        $ids = array_map(static fn (Manoeuvre $one): string => $one->id, (new Figures)->catalogue()->manoeuvres);
        // One manoeuvre is called what its instrument is.
        $ids = array_diff($ids, array_column(Instrument::cases(), 'value'));
        $named = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            __DIR__.'/../../src',
            \FilesystemIterator::SKIP_DOTS,
        ));
        foreach ($files as $file) {
            preg_match_all("/'([a-z0-9_]+)'/", (string) file_get_contents((string) $file), $literals);
            foreach (array_intersect($literals[1], $ids) as $id) {
                $named[] = basename((string) $file)." {$id}";
            }
        }
        self::assertLessThan(self::NAMES_IN_CODE, \count($named), implode(', ', $named));
    }

    /**
     * @param  array<string, mixed>  $condition
     */
    private static function holdToFields(array $condition, Manoeuvre $manoeuvre, string $place): void
    {
        if (isset($condition['ticked'])) {
            self::assertContains($condition['ticked'], $manoeuvre->checks, $place);
        }
        if (! isset($condition['field'])) {
            return;
        }
        $fields = array_values(array_filter(
            $manoeuvre->fields,
            static fn (Field $field): bool => $field->name === $condition['field'],
        ));
        self::assertNotSame([], $fields, "{$place}: {$manoeuvre->id} records no {$condition['field']}");
        $words = array_filter((array) ($condition['is'] ?? []), is_string(...));
        self::assertSame([], array_diff($words, $fields[0]->words), "{$place}: {$manoeuvre->id}");
    }

    /**
     * Every object inside the files, by where it stands.
     *
     * @return iterable<string, array<string, mixed>>
     */
    private static function conditions(): iterable
    {
        foreach (self::FILES as $file) {
            $data = json_decode((string) file_get_contents(self::DATA."/{$file}.json"), true);
            yield from self::within($data, $file);
        }
    }

    /**
     * @return iterable<string, array<string, mixed>>
     */
    private static function within(mixed $data, string $place): iterable
    {
        if (! is_array($data)) {
            return;
        }
        if (! array_is_list($data)) {
            yield $place => $data;
        }
        foreach ($data as $key => $part) {
            yield from self::within($part, "{$place}.{$key}");
        }
    }
}

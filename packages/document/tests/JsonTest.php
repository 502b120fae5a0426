<?php

declare(strict_types=1);

namespace GrayCompass\Document\Tests;

use GrayCompass\Document\Json;
use GrayCompass\Document\Path;
use GrayCompass\Document\Refusal;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Text to values and back, and how places are written. */
final class JsonTest extends TestCase
{
    public function test_objects_and_lists_stay_apart(): void
    {
        self::assertEquals(new stdClass, Json::read('{}'));
        self::assertSame([], Json::read('[]'));
    }

    public function test_figures_keep_their_digits_and_their_kind(): void
    {
        $chance = 0.748093096029728;
        self::assertSame($chance, Json::read(Json::write($chance)));
        self::assertSame('1.0', Json::write(1.0));
        self::assertSame('"McMurray – 30°/”"', Json::write('McMurray – 30°/”'));
    }

    public function test_text_that_is_no_json_or_too_deep_is_refused_at_the_document_itself(): void
    {
        foreach (['', '{', str_repeat('[', 40).str_repeat(']', 40)] as $text) {
            try {
                Json::read($text);
                self::fail('it was read');
            } catch (Refusal $refusal) {
                self::assertSame('', $refusal->path);
                self::assertStringStartsWith('this is not JSON', $refusal->reason);
            }
        }
    }

    public function test_a_document_may_weigh_as_much_as_is_said_and_not_a_byte_more(): void
    {
        $whole = '"'.str_repeat('a', Json::MAX_BYTES - 2).'"';
        self::assertSame(Json::MAX_BYTES - 2, strlen((string) Json::read($whole)));
        $this->expectException(Refusal::class);
        Json::read(" {$whole}");
    }

    public function test_numbers_beyond_all_bounds_are_refused_where_they_stand(): void
    {
        foreach (['[1, 1e400]' => '[1]', '{"a": {"b": [0, -1e999]}}' => 'a.b[1]', '1e400' => ''] as $text => $path) {
            try {
                Json::read((string) $text);
                self::fail('it was read');
            } catch (Refusal $refusal) {
                self::assertSame($path, $refusal->path);
            }
        }
        self::assertSame('1e400', Json::read('"1e400"'), 'in a text it is no number');
        self::assertSame(1e300, Json::read('1e300'));
    }

    public function test_places_are_written_as_keys_and_positions(): void
    {
        self::assertSame(
            'groups[1].results[0].targets',
            Path::key(Path::index(Path::key(Path::index('groups', 1), 'results'), 0), 'targets'),
        );
        self::assertSame('groups[1].results', Path::parent('groups[1].results[0]'));
        self::assertSame('groups[1]', Path::parent('groups[1].results'));
        self::assertSame('', Path::parent('groups'));
        self::assertSame('groups[1]: too many', (Refusal::at('groups[1]', 'too many'))->getMessage());
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document\Tests;

use GrayCompass\Document\Shape\ByName;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Anything;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Either;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Exactly;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Later;
use GrayCompass\Document\Shape\ListOrElse;
use GrayCompass\Document\Shape\NotTogether;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OneWay;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Tagged;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\SameAs;
use GrayCompass\Document\Shape\Words;
use GrayCompass\Document\Shape\YesNo;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each shape refuses with its place and reason, and its schema says the same. */
final class ShapeTest extends TestCase
{
    /**
     * @return iterable<string, array{Shape, string, string|null}> shape, JSON, path and reason; null: accepted
     */
    public static function values(): iterable
    {
        $text = new Text(2, 4, '^a', 'expected to begin with a');
        yield 'text' => [$text, '"abc"', null];
        yield 'text too short' => [$text, '"a"', ': expected 2 to 4 characters'];
        yield 'text of letters, not bytes' => [$text, '"aüöä"', null];
        yield 'text that goes another way' => [$text, '"bcd"', ': expected to begin with a'];
        yield 'a number for text' => [$text, '12', ': expected text'];
        yield 'a number' => [Number::within(0, 40, 'mm'), '40', null];
        yield 'a number beyond' => [Number::within(0, 40, 'mm'), '40.5', ': expected 0 to 40 mm'];
        yield 'text for a number' => [Number::within(0, 1), '"1"', ': expected a number'];
        yield 'a whole number written with a point' => [Number::whole(0, 10), '4.0', null];
        yield 'a broken number' => [Number::whole(0, 10), '4.5', ': expected a whole number'];
        yield 'yes' => [new YesNo, 'true', null];
        yield 'perhaps' => [new YesNo, '1', ': expected true or false'];
        yield 'a word' => [new Word(['firm', 'soft']), '"soft"', null];
        yield 'another word' => [new Word(['firm', 'soft']), '"hard"', ': expected one of firm, soft'];
        yield 'words' => [new Words(['a', 'b']), '["b","a"]', null];
        yield 'a word twice' => [new Words(['a', 'b']), '["a","a"]', '[1]: a stands twice'];
        yield 'words without a list' => [new Words(['a', 'b']), '"a"', ': expected a list'];
        yield 'text without an end' => [Text::free(), '"'.str_repeat('a', 9_000).'"', null];
        yield 'text beyond its end' => [Text::upTo(3), '"abcd"', ': expected 0 to 3 characters'];
        yield 'text that begins somewhere and ends nowhere' => [new Text(3, null), '"ab"', ': expected 3 or more characters'];
        yield 'any number' => [Number::any(), '-1e9', null];
        yield 'any whole number' => [Number::anyWhole(), '0.5', ': expected a whole number'];
        yield 'from a number on' => [Number::from(1), '0', ': expected 1 or more'];
        yield 'far from a number on' => [Number::from(1), '100000', null];
        yield 'a day' => [new Day, '"2028-02-29"', null];
        yield 'a day that never was' => [new Day, '"2026-02-30"', ': expected a day such as 2026-11-30'];
        yield 'a moment' => [new Moment, '"2026-11-30T08:30:00.250+01:00"', null];
        yield 'a day for a moment' => [new Moment, '"2026-11-30"', ': expected a moment such as 2026-11-30T08:30:00Z'];
        yield 'a map' => [new MapOf(Number::any(), 2), '{"a":1,"b":2}', null];
        yield 'a map with nothing in it' => [new MapOf(Number::any()), '{}', null];
        yield 'a map with too much' => [new MapOf(Number::any(), 1), '{"a":1,"b":2}', ': expected at most 1 keys'];
        yield 'a wrong value in a map' => [new MapOf(Number::any()), '{"a":"1"}', 'a: expected a number'];
        yield 'a list for a map' => [new MapOf(Number::any()), '[1]', ': expected an object'];
        yield 'the second of two' => [new Either(new YesNo, Number::any()), '3', null];
        yield 'neither of two' => [new Either(new YesNo, Number::any()), '"3"', ': expected a number'];
        yield 'any object' => [new Anything, '{"a":[1,{}]}', null];
        yield 'a list for any object' => [new Anything, '[]', ': expected an object'];
        yield 'with a remark' => [new Noted(new YesNo, 'whether'), '1', ': expected true or false'];
        yield 'a list without an end' => [new Items(new YesNo), '['.implode(',', array_fill(0, 3_000, 'true')).']', null];
        yield 'a shape made later' => [new Later(static fn (): Shape => new YesNo), 'true', null];
        yield 'what a shape made later refuses' => [
            new Later(static fn (): Shape => new YesNo), '1', ': expected true or false',
        ];
        yield 'exactly' => [new Exactly(1), '1', null];
        yield 'not exactly' => [new Exactly(1), '2', ': expected 1'];
        yield 'null where it may be' => [new OrNull(new YesNo), 'null', null];
        yield 'null where it may not' => [new YesNo, 'null', ': expected true or false'];
        yield 'a list, or text' => [new ListOrElse(new Words(['a']), new Text(0, 9)), '"free"', null];
        yield 'too long a list' => [new Items(new YesNo, 1), '[true,false]', ': expected at most 1 entries'];
        yield 'an empty list' => [new Items(new YesNo, 2, 'expected some'), '[]', ': expected some'];
        yield 'a wrong item' => [new Items(new YesNo, 2), '[true,3]', '[1]: expected true or false'];
    }

    /**
     * @return iterable<string, array{Shape, string, string|null}>
     */
    public static function objects(): iterable
    {
        $knee = new Fields(
            ['side' => new Word(['left', 'right'])],
            ['pain' => Number::within(0, 10), 'note' => new Text(0, 9)],
        );
        yield 'an object' => [$knee, '{"side":"left","pain":3,"note":null}', null];
        yield 'a key that nobody knows' => [$knee, '{"side":"left","colour":1}', 'colour: unknown key'];
        yield 'a key that is missing' => [$knee, '{"pain":3}', 'side: missing'];
        yield 'no object' => [$knee, '[1]', ': expected an object'];
        yield 'unknown before missing before wrong' => [$knee, '{"pain":11,"x":1}', 'x: unknown key'];
        yield 'missing before wrong' => [$knee, '{"pain":11}', 'side: missing'];
        $way = new Fields([], [
            'mm' => Number::within(0, 9), 'band' => new Word(['same']), 'normal' => new YesNo, 'notDone' => new Text(0, 9),
        ], [
            new OneWay(['mm', 'band'], 'normal', 'notDone', 'expected something', 'expected one thing'),
            new NotTogether('band', ['mm'], 'expected either'),
        ]);
        yield 'a measure' => [$way, '{"mm":3,"normal":false,"notDone":null}', null];
        yield 'normal' => [$way, '{"normal":true}', null];
        yield 'nothing' => [$way, '{"normal":false}', ': expected something'];
        yield 'two things' => [$way, '{"normal":true,"mm":3}', ': expected one thing'];
        yield 'both ways of measuring' => [$way, '{"band":"same","mm":3}', 'band: expected either'];
        $tagged = new Tagged(
            'kind',
            ['a' => new Fields(['kind' => new Exactly('a'), 'x' => new YesNo])],
            ['kind', 'x'],
            static fn (mixed $tag): string => 'unheard of',
        );
        yield 'what its tag says' => [$tagged, '{"kind":"a","x":true}', null];
        yield 'a tag unheard of' => [$tagged, '{"kind":"b","x":true}', 'kind: unheard of'];
        yield 'no tag at all' => [$tagged, '{"x":true}', 'kind: missing'];
    }

    #[DataProvider('values')]
    #[DataProvider('objects')]
    public function test_a_value_is_taken_or_refused_and_its_schema_agrees(
        Shape $shape,
        string $json,
        ?string $refusal,
    ): void
    {
        $value = json_decode($json);
        $faults = new Faults($value);
        $shape->check($value, '', $faults);
        try {
            $faults->refuse();
            self::assertNull($refusal, $json);
        } catch (Refusal $told) {
            self::assertSame($refusal, "{$told->path}: {$told->reason}");
        }
        $schema = json_decode((string) json_encode($shape->schema()));
        self::assertSame(
            $refusal === null,
            (new Validator)->validate($value, $schema)->isValid(),
            (string) json_encode($schema),
        );
    }

    public function test_what_is_given_is_read_and_what_is_not_is_nothing(): void
    {
        $given = Given::in(json_decode(
            '{"text":"a","number":4,"yes":true,"words":["a",1],"inner":{"x":false},"items":[{"x":true},2],"none":null}',
        ));
        self::assertSame(
            ['a', '', 4.0, 4, true, null],
            [
                $given->text('text'),
                $given->text('none'),
                $given->number('number'),
                $given->whole('number'),
                $given->answer('yes'),
                $given->answer('text'),
            ],
        );
        self::assertSame([['a'], []], [$given->words('words'), $given->words('text')]);
        self::assertSame(['x' => false], $given->inner('inner')->answers(['x', 'y']));
        self::assertSame(
            [true, null],
            array_map(static fn (Given $item): ?bool => $item->answer('x'), $given->items('items')),
        );
        self::assertFalse($given->has('none'));
        self::assertFalse(Given::in('no object')->has('x'));
    }

    public function test_a_list_by_name_wants_at_least_one(): void
    {
        $shape = new ByName(new YesNo, 'expected at least one answer');
        self::assertSame(1, $shape->schema()['minProperties']);
        foreach ([['{}', false], ['{"a": true}', true]] as [$document, $sound]) {
            $faults = new Faults(json_decode($document));
            $shape->check(json_decode($document), 'answers', $faults);
            try {
                $faults->refuse();
                self::assertTrue($sound, $document);
            } catch (Refusal $refusal) {
                self::assertFalse($sound, $document);
                self::assertSame('expected at least one answer', $refusal->reason);
            }
        }
    }

    public function test_what_stands_twice_is_told_once_and_checked_in_both_places(): void
    {
        $shape = new SameAs(new YesNo, '#/properties/answer');
        self::assertSame(['$ref' => '#/properties/answer'], $shape->schema());
        $faults = new Faults(json_decode('{"again": 3}'));
        $shape->check(3, 'again', $faults);
        $this->expectException(Refusal::class);
        $faults->refuse();
    }

    public function test_what_has_a_name_stands_once_and_is_pointed_to(): void
    {
        $side = new Definition('Side', new Noted(new Word(['left', 'right']), 'as the athlete says it'));
        self::assertSame(['$ref' => '#/Side'], (new Items($side))->schema()['items']);
        self::assertSame(['enum' => ['left', 'right'], 'description' => 'as the athlete says it'], $side->definition());
        $faults = new Faults('middle');
        $side->check('middle', '', $faults);
        $this->expectExceptionObject(Refusal::at('', 'expected one of left, right'));
        $faults->refuse();
    }
}

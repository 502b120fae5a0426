<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Platform\Wire\SchemaRules;
use GrayCompass\Document\Shape\Anything;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules of a request, as they follow from its shape. */
final class SchemaRulesTest extends TestCase
{
    /**
     * @return iterable<string, array{Fields, array<string, list<string>>}> shape, and rules by place
     */
    public static function shapes(): iterable
    {
        yield 'text that must be there' => [new Fields(['a' => new Text(8, 64)]), ['a' => ['required', 'string', 'min:8', 'max:64']]];
        yield 'text that may be null' => [
            new Fields(['a' => new OrNull(Text::upTo(9))]), ['a' => ['present', 'nullable', 'string', 'max:9']],
        ];
        yield 'text that may be left out' => [self::optional(Text::upTo(9)), ['a' => ['sometimes', 'string', 'max:9']]];
        yield 'a day' => [new Fields(['a' => new Day]), ['a' => ['bail', 'required', 'string', 'date_format:Y-m-d']]];
        yield 'a number from zero on' => [new Fields(['a' => Number::whole(0, 9)]), ['a' => ['required', 'integer', 'min:0', 'max:9']]];
        yield 'a number between' => [new Fields(['a' => Number::whole(1, 9)]), ['a' => ['required', 'integer', 'between:1,9']]];
        yield 'any number' => [new Fields(['a' => Number::any()]), ['a' => ['required', 'numeric']]];
        yield 'yes or no' => [new Fields(['a' => new YesNo]), ['a' => ['required', 'boolean']]];
        yield 'a word' => [new Fields(['a' => new Word(['x', 'y'])]), ['a' => ['required', 'in:"x","y"']]];
        yield 'a list that may be empty' => [
            new Fields(['a' => new Items(Text::upTo(3), 5)]), ['a' => ['present', 'array', 'max:5'], 'a.*' => ['string', 'max:3']],
        ];
        yield 'a list that may not' => [
            new Fields(['a' => new Items(new YesNo, 5, 'one at least')]),
            ['a' => ['required', 'array', 'min:1', 'max:5'], 'a.*' => ['boolean']],
        ];
        yield 'objects in a list' => [
            new Fields(['a' => new Items(new Fields(['b' => new YesNo], ['c' => new YesNo], strict: true))]),
            ['a' => ['present', 'array'], 'a.*' => ['array:b,c'], 'a.*.b' => ['required', 'boolean'], 'a.*.c' => ['sometimes', 'boolean']],
        ];
        yield 'an object that may be left out, and what must be in it' => [
            self::optional(new Fields(['b' => new YesNo, 'c' => new OrNull(new YesNo)])),
            [
                'a' => ['sometimes', 'array:b,c'], 'a.b' => ['required_with:a', 'boolean'],
                'a.c' => ['present_with:a', 'nullable', 'boolean'],
            ],
        ];
        yield 'keys that are not known' => [
            new Fields(['a' => new MapOf(Text::upTo(3), 7), 'b' => new Anything]),
            ['a' => ['present', 'array', 'max:7'], 'b' => ['present', 'array']],
        ];
    }

    /**
     * @param  array<string, list<string>>  $rules
     */
    #[DataProvider('shapes')]
    public function test_rules_follow_from_a_shape(Fields $shape, array $rules): void
    {
        self::assertSame($rules, array_map(
            static fn (array $own): array => array_map(static fn (mixed $rule): string => (string) $rule, $own),
            SchemaRules::of($shape->schema()),
        ));
    }

    public function test_a_rule_that_asks_for_a_field_decides_whether_it_may_be_left_out(): void
    {
        $rules = SchemaRules::of(self::optional(Text::upTo(9))->schema());
        self::assertSame(
            ['a' => ['string', 'max:9', 'required_if:b,1'], 'c' => ['distinct']],
            SchemaRules::with($rules, ['a' => ['required_if:b,1'], 'c' => ['distinct']]),
        );
        self::assertSame(['a' => ['sometimes', 'string', 'max:9', 'email']], SchemaRules::with($rules, ['a' => ['email']]));
    }

    public function test_a_shape_without_a_rule_is_no_silent_gap(): void
    {
        $this->expectException(LogicException::class);
        SchemaRules::of((new Fields(['a' => new class implements Shape
        {
            public function check(mixed $value, string $path, \GrayCompass\Document\Faults $faults): void
            {
            }

            public function schema(): array
            {
                return ['type' => 'null'];
            }
        }]))->schema());
    }

    private static function optional(Shape $shape): Fields
    {
        return new Fields([], ['a' => $shape], strict: true);
    }
}

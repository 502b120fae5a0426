<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire\Shapes;

use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Later;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\Text;

/** What athlete, coach and colleague read, sentence by sentence. */
final class WordsShapes
{
    public static function words(): Definition
    {
        return new Definition('Words', new Fields([
            'athlete' => new Items(
                new Fields([
                    'code' => Text::free(),
                    'text' => new Noted(Text::free(), 'the heading'),
                    'sentences' => new Items(self::sentence()),
                ]),
            ),
            'coach' => new Noted(new Items(self::sentence()), 'empty without recorded consent'),
            'letter' => new Items(self::line()),
            'afterOperation' => new Items(self::line()),
        ], [
            'translations' => new Noted(
                new MapOf(Text::free()),
                'of a signed examination: what the athlete reads in other languages',
            ),
        ]));
    }

    public static function sentence(): Definition
    {
        return new Definition('Sentence', new Fields([
            'code' => Text::free(),
            'values' => new Items(self::value()),
            'text' => Text::free(),
        ]));
    }

    public static function value(): Definition
    {
        return new Definition('SentenceValue', new Noted(
            new Fields(['name' => Text::free()], [
                'number' => Number::any(),
                'day' => Text::free(),
                'sentences' => new Items(
                    new Fields([
                        'code' => Text::free(),
                        'values' => new Items(new Later(self::value(...))),
                    ]),
                ),
            ], strict: true),
            'What stands in one place of a sentence: a number, a day, or sentences within it.',
        ));
    }

    private static function line(): Fields
    {
        return new Fields(['code' => Text::free(), 'text' => Text::free()]);
    }
}

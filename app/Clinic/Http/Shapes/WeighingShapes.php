<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use GrayCompass\Core\Wire\Shapes\Terms;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** The arithmetic, by itself. */
final class WeighingShapes
{
    public static function railStep(): Definition
    {
        return new Definition('RailStep', new Fields([
            'withoutEcho' => Terms::chance(),
            'finding' => Text::free(),
            'outcome' => new Word(['positive', 'negative']),
            'before' => Terms::chance(),
            'after' => Terms::chance(),
            'publishedLr' => Number::any(),
            'appliedLr' => Number::any(),
            'echoShare' => new OrNull(Number::any()),
        ]));
    }

    public static function weighedChance(): Definition
    {
        return new Definition('WeighedChance', new Fields([
            'id' => Text::free(),
            'pretest' => Terms::chance(),
            'posttest' => Terms::chance(),
            'interval' => Terms::interval(),
            'textbook' => Terms::chance(),
            'strongest' => Terms::chance(),
            'zone' => new Word(['ruled_out', 'investigate', 'act']),
            'further' => Text::free(),
        ]));
    }

    public static function curve(): Definition
    {
        return new Definition('Curve', new Fields([
            'finding' => Text::free(),
            'points' => new Noted(new Items(new Items(Number::any())), 'chance before, after a positive, after a negative'),
        ]));
    }

    public static function weighUp(): Definition
    {
        return new Definition('WeighUp', new Fields([
            'conditions' => new Items(self::weighedChance()),
            'patterns' => new Items(self::pattern()),
            'nextTests' => new Items(self::weighedTest()),
            'steps' => new Items(self::railStep()),
            'curves' => new Items(self::curve()),
            'answer' => new Noted(
                new OrNull(
                    new Fields([
                        'mistake' => Text::free(),
                        'answer' => Text::free(),
                    ]),
                ),
                'a tempting mistake about the most telling test, answered with these figures',
            ),
        ]));
    }

    public static function pattern(): Definition
    {
        return new Definition('Pattern', new Fields([
            'present' => new Items(Text::free()),
            'probability' => Terms::chance(),
        ]));
    }

    public static function weighedTest(): Definition
    {
        return new Definition('WeighedTest', new Fields([
            'finding' => Text::free(),
            'chancePositive' => Terms::chance(),
            'value' => Number::any(),
            'bits' => Number::any(),
            'valuePerMinute' => Number::any(),
        ]));
    }

    public static function enteredRates(): Definition
    {
        return new Definition('EnteredRates', new Noted(
            new Fields([], [
                'counts' => new Fields([
                    'truePositive' => Number::from(0),
                    'falsePositive' => Number::from(0),
                    'falseNegative' => Number::from(0),
                    'trueNegative' => Number::from(0),
                ]),
                'ratios' => new Fields([
                    'positive' => new Noted(Number::any(), 'above 1'),
                    'negative' => new Noted(Number::any(), 'between 0 and 1, without either'),
                ]),
                'rates' => new Fields([
                    'sensitivity' => new Noted(Number::any(), 'between 0 and 1, without either'),
                    'specificity' => new Noted(Number::any(), 'between 0 and 1, without either'),
                ]),
            ], strict: true),
            'told in one of three ways',
        ));
    }

    public static function testRates(): Definition
    {
        return new Definition('TestRates', new Fields([
            'sensitivity' => Number::any(),
            'sensitivityInterval' => new Noted(new OrNull(new Items(Number::any())), '95 %, of counts alone'),
            'specificity' => Number::any(),
            'specificityInterval' => new Noted(new OrNull(new Items(Number::any())), '95 %, of counts alone'),
            'positiveRatio' => Number::any(),
            'negativeRatio' => Number::any(),
        ]));
    }
}

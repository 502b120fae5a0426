<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Wire;

use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\Pair;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/**
 * What the `input` of each method of `learning:compute` looks like, and how much of it there may be.
 *
 * @internal
 */
final class CaseShape
{
    public const METHODS = [
        'table', 'icc', 'altman', 'within', 'size', 'calibration', 'referenced', 'mcnemar', 'person', 'cusum', 'net', 'losses',
        'own', 'rate',
    ];

    private const MOST_PAIRS = 100_000;

    /** Of measures, weights and prior figures: beyond, nothing that is measured lies. */
    private const MOST = 1e6;

    private const LEAST = 1e-6;

    private const LEAST_SHARE = 0.001;

    private const MOST_CATEGORIES = 20;

    private const MOST_EXAMINERS = 20;

    private const MOST_KNEES = 10_000;

    private const MOST_CONDITIONS = 12;

    private const MOST_FINDINGS = 200;

    /** @param  value-of<self::METHODS>  $method */
    public static function of(string $method): Shape
    {
        $chance = Number::within(0, 1);
        $inside = Number::between(0, 1, 'a number');
        $above = Number::within(self::LEAST, self::MOST);
        $share = Number::within(self::LEAST_SHARE, 1 - self::LEAST_SHARE);
        $measure = Number::within(-self::MOST, self::MOST);
        $numbers = new Items($measure, self::MOST_PAIRS, 'expected at least one measure');
        $yesNo = new Items(Number::whole(0, 1), self::MOST_PAIRS, 'expected at least one knee');
        $pairs = ['p' => new Items($chance, self::MOST_PAIRS, 'expected at least one chance'), 'y' => $yesNo];
        $weights = ['w' => new Items($above, self::MOST_PAIRS)];
        $sizes = Number::whole(2, self::MOST_EXAMINERS);

        return match ($method) {
            'table' => new Items(
                new Items(Number::whole(0, self::MOST_PAIRS), self::MOST_CATEGORIES),
                self::MOST_CATEGORIES,
                'expected at least two categories',
            ),
            'icc' => new Items(new Items($measure, self::MOST_EXAMINERS), self::MOST_KNEES, 'expected at least two knees'),
            'altman' => new Fields(['a' => $numbers, 'b' => $numbers]),
            'within' => new Fields(['a' => $numbers, 'b' => $numbers], ['priorDf' => $above, 'priorSd' => $above], strict: true),
            'size' => new Fields(['icc' => $share, 'examiners' => $sizes, 'width' => $share]),
            'calibration' => new Fields([...$pairs, 'base' => $share], $weights, strict: true),
            'referenced' => new Fields([...$pairs, 'se' => $inside, 'sp' => $inside], $weights, strict: true),
            'mcnemar' => new Fields(['first' => $yesNo, 'tool' => $yesNo]),
            'person' => new Fields([...$pairs, 'tau' => $above]),
            'cusum' => new Fields([...$pairs, 'odds' => $above, 'limit' => $above]),
            'net' => new Fields([...$pairs, 't' => $inside], $weights, strict: true),
            'losses' => new Fields([...$pairs, 'ruleOut' => $inside, 'act' => $inside]),
            'own' => self::own($inside),
            'rate' => new Fields([
                'published' => $share, 'worth' => $above,
                'sum' => Number::within(0, self::MOST), 'knees' => Number::whole(0, self::MOST_PAIRS),
            ]),
        };
    }

    private static function own(Number $inside): Fields
    {
        $name = new Text(1, 100);
        $answer = new Pair(new Text(1, 20), 'expected the look and what it said');

        return new Fields([
            'conditions' => new Items(
                new Fields(['id' => $name, 'pretest' => $inside]),
                self::MOST_CONDITIONS,
                'expected at least one condition',
            ),
            'echo' => Number::below(0, 1, 'expected 0 or more, less than 1'),
            'findings' => new Items(
                new Fields(['id' => $name, 'targets' => new MapOf(self::row($inside), self::MOST_CONDITIONS)]),
                self::MOST_FINDINGS,
                'expected at least one finding',
            ),
            'knees' => new Items(new Fields([
                'results' => new MapOf(new Word(['positive', 'negative']), self::MOST_FINDINGS),
            ], ['reference' => new MapOf($answer, self::MOST_CONDITIONS)], strict: true), self::MOST_KNEES),
        ]);
    }

    private static function row(Number $inside): Fields
    {
        $interval = new Pair($inside, 'expected both ends');

        return new Fields(['sensitivity' => $inside, 'specificity' => $inside], [
            'sensitivityInterval' => $interval, 'specificityInterval' => $interval, 'spread' => Number::within(0, 2),
        ], strict: true);
    }
}

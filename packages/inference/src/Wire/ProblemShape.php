<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Document\Shape\ByName;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\Pair;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/**
 * What the input of `weigh:combine` looks like, and how much of it there may be. What binds distant places
 * together (an id twice, an unknown condition, an interval beside its figure) {@see ProblemReader} adds.
 */
final class ProblemShape
{
    public const MOST_CONDITIONS = 12;

    public const MOST_GROUPS = 40;

    public const MOST_RESULTS = 200;

    public const MOST_CANDIDATES = 200;

    public const MOST_WEIGHT = 10.0;

    /** Beyond this two conditions are one, and the arithmetic loses them. */
    public const MOST_ODDS = 10_000;

    /** Standard deviation between clinics, logit scale. */
    public const MOST_SPREAD = 2;

    public static function whole(): Fields
    {
        $pairs = intdiv(self::MOST_CONDITIONS * (self::MOST_CONDITIONS - 1), 2);

        return new Fields(
            ['conditions' => new Items(self::condition(), self::MOST_CONDITIONS, 'expected at least one condition')],
            [
                'associations' => new Items(self::association(), $pairs),
                'groups' => new Items(self::group(), self::MOST_GROUPS),
                'candidates' => new Items(self::candidate(), self::MOST_CANDIDATES),
            ],
            strict: true,
        );
    }

    private static function condition(): Fields
    {
        $chance = Number::between(0, 1, 'a chance');

        return new Fields(['id' => self::name(), 'pretest' => $chance], [
            'pretestWeight' => Number::above(0, INF, 'expected more than 0 knees'),
            'thresholds' => new Fields(['ruleOut' => $chance, 'act' => $chance]),
            'weight' => Number::above(0, self::MOST_WEIGHT, 'expected more than 0, at most 10'),
        ], strict: true);
    }

    private static function association(): Fields
    {
        return new Fields([
            'between' => new Pair(new Text(0, 100), 'expected two conditions'),
            'oddsRatio' => Number::ratio(
                1 / self::MOST_ODDS,
                self::MOST_ODDS,
                'expected a ratio from 1/10000 to 10000',
            ),
        ]);
    }

    private static function group(): Fields
    {
        return new Fields(['id' => self::name(), 'echo' => self::echo(), 'results' => new Items(new Fields([
            'finding' => self::name(),
            'outcome' => new Word(['positive', 'negative']),
            'targets' => self::targets(),
        ], ['otherwise' => self::targets()]), self::MOST_RESULTS)]);
    }

    private static function candidate(): Fields
    {
        return new Fields([
            'finding' => self::name(),
            'group' => self::name(),
            'echo' => self::echo(),
            'minutes' => Number::above(0, INF, 'expected more than 0 minutes'),
            'targets' => self::targets(),
        ]);
    }

    private static function targets(): ByName
    {
        $share = Number::between(0, 1, 'a share');
        $interval = new Pair($share, 'expected two ends');

        return new ByName(new Fields(['sensitivity' => $share, 'specificity' => $share], [
            'sensitivityInterval' => $interval,
            'specificityInterval' => $interval,
            'spread' => Number::within(0, self::MOST_SPREAD),
        ], strict: true), 'expected at least one condition');
    }

    private static function echo(): Number
    {
        return Number::below(0, 1, 'expected at least 0 and less than 1');
    }

    private static function name(): Text
    {
        return new Text(1, 100);
    }
}

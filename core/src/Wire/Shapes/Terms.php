<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire\Shapes;

use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Pair;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** Words and figures that many answers share. */
final class Terms
{
    public static function side(): Definition
    {
        return new Definition('Side', new Word(['left', 'right']));
    }

    public static function level(): Definition
    {
        return new Definition('Level', new Noted(new OrNull(Word::of(Level::class)), 'how far a positive went'));
    }

    public static function urgency(): Definition
    {
        return new Definition('Urgency', new Noted(
            new OrNull(Word::of(Urgency::class)),
            'null: nobody is sent for, but it is asked or heeded now',
        ));
    }

    public static function conditionId(): Definition
    {
        return new Definition('ConditionId', Word::of(Condition::class));
    }

    public static function chance(): Definition
    {
        return new Definition('Chance', Number::ratio(0, 1, 'expected a chance from 0 to 1'));
    }

    public static function interval(): Definition
    {
        return new Definition('Interval', new Pair(self::chance(), 'expected two'));
    }

    public static function outcome(): Definition
    {
        return new Definition('Outcome', Word::of(Outcome::class));
    }

    public static function routeId(): Definition
    {
        return new Definition('RouteId', new Noted(Text::free(), 'id of a route of the catalogue'));
    }
}

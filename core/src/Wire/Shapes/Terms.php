<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire\Shapes;

use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Document\Shape\Named;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Pair;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** Words and figures that many answers share. */
final class Terms
{
    public static function side(): Named
    {
        return new Named('Side', new Word(['left', 'right']));
    }

    public static function level(): Named
    {
        return new Named('Level', new Noted(new OrNull(Word::of(Level::class)), 'how far a positive went'));
    }

    public static function urgency(): Named
    {
        return new Named('Urgency', new Noted(
            new OrNull(Word::of(Urgency::class)),
            'null: nobody is sent for, but it is asked or heeded now',
        ));
    }

    public static function conditionId(): Named
    {
        return new Named('ConditionId', Word::of(Condition::class));
    }

    public static function chance(): Named
    {
        return new Named('Chance', Number::ratio(0, 1, 'expected a chance from 0 to 1'));
    }

    public static function interval(): Named
    {
        return new Named('Interval', new Pair(self::chance(), 'expected two'));
    }

    public static function outcome(): Named
    {
        return new Named('Outcome', Word::of(Outcome::class));
    }

    public static function routeId(): Named
    {
        return new Named('RouteId', new Noted(Text::free(), 'id of a route of the catalogue'));
    }
}

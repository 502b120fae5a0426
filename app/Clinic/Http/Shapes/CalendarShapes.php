<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\YesNo;

/** What is due, in calendars of other programs. */
final class CalendarShapes
{
    public static function ownCalendar(): Definition
    {
        return new Definition('OwnCalendar', new Fields([
            'open' => new YesNo,
            'inWords' => new Noted(new YesNo, 'names and reasons stand in the titles; else initials alone'),
            'readAt' => new Noted(new OrNull(new Moment), 'when a calendar read it last'),
        ]));
    }

    public static function newCalendar(): Definition
    {
        return new Definition('NewCalendar', new Fields([
            'inWords' => new YesNo,
        ]));
    }

    public static function calendarAddress(): Definition
    {
        return new Definition('CalendarAddress', new Fields([
            'address' => Text::free(),
        ]));
    }

    public static function calendarText(): Definition
    {
        return new Definition('CalendarText', new Fields([
            'content' => Text::upTo(1000000),
        ]));
    }

    public static function returnedCalendar(): Definition
    {
        return new Definition('ReturnedCalendar', new Fields([
            'moved' => new Items(TaskShapes::task()),
            'same' => new Noted(Number::anyWhole(), 'stand on the same days'),
            'left' => new Noted(
                new Items(
                    new Fields([
                        'title' => Text::free(),
                        'athlete' => Text::free(),
                        'reason' => Text::free(),
                    ]),
                ),
                'stay where they are',
            ),
            'unknown' => new Noted(Number::anyWhole(), 'are no tasks of this team, or not any more'),
        ]));
    }
}

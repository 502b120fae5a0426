<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Named;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\YesNo;

/** What is due, in calendars of other programs. */
final class Calendars
{
    public static function ownCalendar(): Named
    {
        return new Named('OwnCalendar', new Fields([
            'open' => new YesNo,
            'inWords' => new Noted(new YesNo, 'names and reasons stand in the titles; else initials alone'),
            'readAt' => new Noted(new OrNull(new Moment), 'when a calendar read it last'),
        ]));
    }

    public static function newCalendar(): Named
    {
        return new Named('NewCalendar', new Fields([
            'inWords' => new YesNo,
        ]));
    }

    public static function calendarAddress(): Named
    {
        return new Named('CalendarAddress', new Fields([
            'address' => Text::free(),
        ]));
    }

    public static function calendarText(): Named
    {
        return new Named('CalendarText', new Fields([
            'content' => Text::upTo(1000000),
        ]));
    }

    public static function returnedCalendar(): Named
    {
        return new Named('ReturnedCalendar', new Fields([
            'moved' => new Items(Tasks::task()),
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

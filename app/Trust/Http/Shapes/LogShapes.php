<?php

declare(strict_types=1);

namespace App\Trust\Http\Shapes;

use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\YesNo;

/** The audit log and the outbox. */
final class LogShapes
{
    public static function sentMail(): Definition
    {
        return new Definition('SentMail', new Fields([
            'id' => Text::free(),
            'to' => Text::free(),
            'subject' => Text::free(),
            'at' => new Moment,
            'readable' => new Noted(new YesNo, 'false: only the recipient may read it'),
        ]));
    }

    public static function auditLog(): Definition
    {
        return new Definition('AuditLog', new Fields([
            'entries' => new Items(
                new Fields([
                    'id' => Number::anyWhole(),
                    'at' => new Moment,
                    'who' => Text::free(),
                    'event' => Text::free(),
                    'about' => new Noted(Text::free(), 'whose knee or account; empty where it is nobody\'s'),
                    'subject' => new Noted(new OrNull(Text::free()), 'id of what it was done to'),
                    'detail' => new Noted(Text::free(), 'codes and counts, never what was found'),
                    'address' => Text::free(),
                ]),
            ),
            'total' => Number::anyWhole(),
            'page' => Number::anyWhole(),
            'pages' => Number::anyWhole(),
            'people' => new Items(
                new Fields([
                    'id' => Text::free(),
                    'name' => Text::free(),
                ]),
            ),
            'kinds' => new Items(
                new Fields([
                    'id' => Text::free(),
                    'label' => Text::free(),
                ]),
            ),
        ]));
    }
}

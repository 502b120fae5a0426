<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Named;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;

/** An athlete's page, shared by an address. */
final class Pages
{
    public static function sharedPage(): Named
    {
        return new Named('SharedPage', new Fields([
            'until' => new Noted(new OrNull(new Moment), 'null: it is not open'),
        ]));
    }

    public static function athletePage(): Named
    {
        return new Named('AthletePage', new Fields([
            'parts' => new Items(
                new Fields([
                    'heading' => Text::free(),
                    'say' => Text::free(),
                ]),
            ),
        ]));
    }

    public static function openedPage(): Named
    {
        return new Named('OpenedPage', new Fields([
            'address' => Text::free(),
            'until' => new Moment,
        ]));
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;

/** An athlete's page, shared by an address. */
final class PageShapes
{
    public static function sharedPage(): Definition
    {
        return new Definition('SharedPage', new Fields([
            'until' => new Noted(new OrNull(new Moment), 'null: it is not open'),
        ]));
    }

    public static function athletePage(): Definition
    {
        return new Definition('AthletePage', new Fields([
            'parts' => new Items(
                new Fields([
                    'heading' => Text::free(),
                    'say' => Text::free(),
                ]),
            ),
        ]));
    }

    public static function openedPage(): Definition
    {
        return new Definition('OpenedPage', new Fields([
            'address' => Text::free(),
            'until' => new Moment,
        ]));
    }
}

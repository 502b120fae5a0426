<?php

declare(strict_types=1);

namespace App\Platform\Http\Shapes;

use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Named;
use GrayCompass\Document\Shape\Text;

/** What every refusal says, and what was made. */
final class Refusals
{
    public static function fault(): Named
    {
        return new Named('Fault', new Fields([
            'path' => Text::free(),
            'reason' => Text::free(),
        ]));
    }

    public static function refused(): Named
    {
        return new Named('Refused', new Fields([
            'error' => self::fault(),
        ]));
    }

    public static function made(): Named
    {
        return new Named('Made', new Fields([
            'id' => Text::free(),
        ]));
    }
}

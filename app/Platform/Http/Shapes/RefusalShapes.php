<?php

declare(strict_types=1);

namespace App\Platform\Http\Shapes;

use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Text;

/** What every refusal says, and what was made. */
final class RefusalShapes
{
    public static function fault(): Definition
    {
        return new Definition('Fault', new Fields([
            'path' => Text::free(),
            'reason' => Text::free(),
        ]));
    }

    public static function refused(): Definition
    {
        return new Definition('Refused', new Fields([
            'error' => self::fault(),
        ]));
    }

    public static function made(): Definition
    {
        return new Definition('Made', new Fields([
            'id' => Text::free(),
        ]));
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\ExportState;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** Everything that is kept on an athlete: taken along, kept, erased. */
final class AthleteFileShapes
{
    public static function export(): Definition
    {
        return new Definition('Export', new Fields([
            'state' => Word::of(ExportState::class),
            'bytes' => new Noted(new OrNull(Number::anyWhole()), 'once it is ready'),
        ]));
    }

    public static function erasure(): Definition
    {
        return new Definition('Erasure', new Fields([
            'reason' => Text::upTo(400),
        ]));
    }

    public static function toErase(): Definition
    {
        return new Definition('ToErase', new Fields([
            'id' => Text::free(),
            'name' => Text::free(),
            'squad' => Text::free(),
            'on' => new Day,
        ]));
    }
}

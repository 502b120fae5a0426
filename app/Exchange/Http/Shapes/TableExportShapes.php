<?php

declare(strict_types=1);

namespace App\Exchange\Http\Shapes;

use App\Exchange\Values\TableExportState;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Word;

/** Examinations as tables. */
final class TableExportShapes
{
    public static function tableExport(): Definition
    {
        return new Definition('TableExport', new Fields([
            'state' => Word::of(TableExportState::class),
            'done' => new Noted(Number::anyWhole(), 'examinations written'),
            'total' => new Noted(Number::anyWhole(), 'examinations to write'),
            'bytes' => new Noted(new OrNull(Number::anyWhole()), 'of the zip, once it is ready'),
        ]));
    }
}

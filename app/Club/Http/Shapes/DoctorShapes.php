<?php

declare(strict_types=1);

namespace App\Club\Http\Shapes;

use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\YesNo;

/** The team's book of doctors. */
final class DoctorShapes
{
    public static function newDoctor(): Definition
    {
        return new Definition('NewDoctor', new Fields([
            'name' => Text::upTo(120),
        ], [
            'field' => new Noted(new OrNull(Text::upTo(80)), 'surgeon, radiology, sports medicine'),
            'practice' => new OrNull(Text::upTo(160)),
            'address' => new OrNull(Text::upTo(400)),
            'email' => new OrNull(Text::upTo(200)),
            'phone' => new OrNull(Text::upTo(40)),
        ], strict: true));
    }

    public static function doctor(): Definition
    {
        return new Definition('Doctor', new Fields([
            'id' => Text::free(),
            'treats' => new Noted(
                new YesNo,
                'the athlete of the examination that was asked for, as far as their names tell',
            ),
            'name' => Text::free(),
            'field' => Text::free(),
            'practice' => Text::free(),
            'address' => Text::free(),
            'email' => Text::free(),
            'phone' => Text::free(),
        ]));
    }
}

<?php

declare(strict_types=1);

namespace App\Club\Http\Shapes;

use App\Club\Values\AthleteShape;
use App\Platform\Http\Shapes\IdShapes;
use App\Platform\Http\Shapes\RefusalShapes;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\YesNo;

/** What is known of an athlete. */
final class AthleteShapes
{
    public static function athleteProfile(): Definition
    {
        return new Definition('AthleteProfile', AthleteShape::profile());
    }

    public static function athleteFacts(): Definition
    {
        return new Definition('AthleteFacts', AthleteShape::facts([
            'id' => IdShapes::chosen(),
            'isAnother' => new Noted(new YesNo, 'checked: another athlete than the similar ones'),
        ]));
    }

    public static function listedAthlete(): Definition
    {
        return new Definition('ListedAthlete', new Fields([
            'id' => Text::free(),
            'name' => Text::free(),
            'number' => new OrNull(Text::free()),
            'squad' => Text::free(),
            'age' => Number::anyWhole(),
            'bornOn' => new Day,
        ]));
    }

    public static function similar(): Definition
    {
        return new Definition('Similar', new Fields([
            'error' => RefusalShapes::fault(),
            'similar' => new Items(
                new Fields([
                    'id' => Text::free(),
                    'name' => Text::free(),
                    'number' => new OrNull(Text::free()),
                    'squad' => Text::free(),
                    'age' => Number::anyWhole(),
                    'isArchived' => new YesNo,
                ]),
            ),
        ]));
    }
}

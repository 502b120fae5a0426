<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use GrayCompass\Core\Sentences\Language;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

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
            'language' => Word::of(Language::class),
            'title' => Text::free(),
            'caution' => self::caution(),
            'parts' => self::sections(),
        ]));
    }

    public static function athleteText(): Definition
    {
        return new Definition('AthleteText', new Fields([
            'language' => Word::of(Language::class),
            'languageName' => new Noted(Text::free(), 'in English'),
            'isOriginal' => new YesNo,
            'title' => Text::free(),
            'sections' => self::sections(),
            'caution' => self::caution(),
            'fromTheFront' => new Noted(Text::free(), 'under the drawing of the knee'),
            'fromAbove' => new Noted(Text::free(), 'under the drawing of the joint surface'),
            'parts' => new Noted(new MapOf(Text::free()), 'what each injury hurts'),
        ]));
    }

    private static function sections(): Items
    {
        return new Items(
            new Fields([
                'heading' => Text::free(),
                'say' => Text::free(),
            ]),
        );
    }

    private static function caution(): Noted
    {
        return new Noted(Text::free(), 'over a translation that is not reviewed yet; else empty');
    }

    public static function openedPage(): Definition
    {
        return new Definition('OpenedPage', new Fields([
            'address' => Text::free(),
            'until' => new Moment,
        ]));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire\Shapes;

use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\FieldWidget;
use GrayCompass\Core\Catalogue\Instrument;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Later;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** The catalogue as a client reads it. */
final class CatalogueShapes
{
    public static function labelled(): Definition
    {
        return new Definition('Labelled', new Fields([
            'id' => Text::free(),
            'label' => Text::free(),
        ]));
    }

    public static function field(): Definition
    {
        return new Definition('Field', new Fields([
            'name' => Text::free(),
            'label' => Text::free(),
            'widget' => Word::of(FieldWidget::class),
            'seldom' => new Noted(new YesNo, 'stands behind one tap'),
            'when' => new Noted(
                new OrNull(
                    new Fields([
                        'field' => Text::free(),
                        'above' => Number::any(),
                    ]),
                ),
                'asked for once another field of the same record is above a number',
            ),
            'kind' => Word::of(FieldKind::class),
            'least' => new OrNull(Number::any()),
            'most' => new OrNull(Number::any()),
            'unit' => Text::free(),
            'words' => new Items(Text::free()),
            'hint' => Text::free(),
            'instrument' => new Noted(
                new OrNull(Word::of(Instrument::class)),
                'what can take the figure instead of a hand',
            ),
            'inner' => new Items(new Later(self::field(...))),
        ]));
    }

    public static function codes(): Definition
    {
        return new Definition('Codes', new Items(Text::free()));
    }

    public static function names(): Definition
    {
        return new Definition('Names', new Noted(new MapOf(Text::free()), 'by code'));
    }

    public static function question(): Definition
    {
        return new Definition('Question', new Fields([
            'key' => Text::free(),
            'ask' => Text::free(),
            'part' => new Noted(new Word(['', 'then', 'since']), 'where in the story it stands'),
            'after' => new Noted(Text::free(), 'another key; asked once that is answered with yes'),
            'underYears' => new Noted(new OrNull(Number::anyWhole()), 'asked of younger athletes only'),
            'touchline' => new YesNo,
            'goodNews' => new Noted(new YesNo, 'never meant by none of these'),
            'alarm' => new Noted(new OrNull(Text::free()), 'what a yes says at once and unjudged'),
        ]));
    }

    public static function card(): Definition
    {
        return new Definition('Card', new Fields([
            'name' => Text::free(),
            'gist' => Text::free(),
            'position' => Text::free(),
            'hold' => Text::free(),
            'movement' => Text::free(),
            'normal' => Text::free(),
            'counts' => Text::free(),
            'spoils' => Text::free(),
            'sayFirst' => Text::free(),
            'caution' => Text::free(),
            'easier' => Text::free(),
        ]));
    }

    public static function manoeuvre(): Definition
    {
        return new Definition('Manoeuvre', new Fields([
            'id' => Text::free(),
            'station' => Text::free(),
            'family' => Text::free(),
            'minutes' => new Noted(Number::any(), 'for both knees'),
            'provocation' => Number::whole(1, 5),
            'bothAtOnce' => new YesNo,
            'fields' => new Items(self::field()),
            'checks' => new Items(Text::free()),
            'tick' => new Noted(new OrNull(Text::free()), 'the one check without which a normal test says less'),
            'feeds' => new Items(Text::free()),
            'card' => self::card(),
        ]));
    }

    public static function catalogue(): Definition
    {
        return new Definition('Catalogue', new Fields([
            'bands' => new Noted(
                new Items(
                    new Fields([
                        'id' => Text::free(),
                        'label' => Text::free(),
                        'says' => Text::free(),
                    ]),
                ),
                'how much more the hurt knee gives',
            ),
            'questions' => new Fields([
                'opening' => new Items(self::question()),
                'history' => new Items(self::question()),
                'safety' => new Items(self::question()),
                'episode' => new Items(self::question()),
            ]),
            'choices' => new Noted(
                new Fields([
                    'mechanism' => self::codes(),
                    'blowSite' => self::codes(),
                    'swellingOnset' => self::codes(),
                    'painPlaces' => self::codes(),
                    'fluidDrawn' => self::codes(),
                    'implant' => self::codes(),
                    'notDone' => self::codes(),
                ]),
                'codes to choose from, in the order shown',
            ),
            'standAlone' => new Noted(self::codes(), 'codes that exclude every other of their list'),
            'typed' => new Noted(
                new Fields([
                    'pretest' => Number::any(),
                    'pretestWeight' => Number::any(),
                    'echo' => Number::any(),
                    'spread' => Number::any(),
                    'sensitivity' => Number::any(),
                    'specificity' => Number::any(),
                    'thresholds' => new Fields([
                        'ruleOut' => Number::any(),
                        'act' => Number::any(),
                    ]),
                ]),
                'what the weighing of typed figures begins with',
            ),
            'labels' => new Noted(
                new Fields([
                    'zone' => self::names(),
                    'play' => self::names(),
                    'urgency' => self::names(),
                    'within' => self::names(),
                    'availability' => self::names(),
                    'support' => self::names(),
                    'knownBy' => self::names(),
                ]),
                'what the codes of an assessment are called',
            ),
            'words' => self::names(),
            'stations' => new Items(self::labelled()),
            'conditions' => new Items(
                new Fields([
                    'id' => Terms::conditionId(),
                    'label' => Text::free(),
                    'part' => new Noted(Text::free(), 'what it hurts, as an athlete reads it'),
                ]),
            ),
            'manoeuvres' => new Items(self::manoeuvre()),
            'settings' => new Items(self::labelled()),
            'routes' => new Noted(
                new Items(
                    new Fields([
                        'id' => Terms::routeId(),
                        'label' => Text::free(),
                        'says' => Text::free(),
                        'isBaseline' => new Noted(
                            new YesNo,
                            'of both knees while they are sound: neither day nor side is asked for',
                        ),
                    ]),
                ),
                'the preset first',
            ),
            'schools' => new Items(
                new Fields([
                    'id' => Text::free(),
                    'label' => Text::free(),
                    'preset' => Text::free(),
                    'options' => new Items(
                        new Fields([
                            'id' => Text::free(),
                            'label' => Text::free(),
                            'source' => new Noted(
                                Text::free(),
                                'where its limits come from, or that they are working estimates',
                            ),
                            'bandsMm' => new Noted(
                                new MapOf(Number::any()),
                                'the limits in force, in mm, by their name; empty for other matters',
                            ),
                        ]),
                    ),
                ]),
            ),
            'signs' => new Noted(new MapOf(Text::free()), 'names of findings'),
        ]));
    }
}

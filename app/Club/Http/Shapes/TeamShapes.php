<?php

declare(strict_types=1);

namespace App\Club\Http\Shapes;

use App\Access\Http\Shapes\AccountShapes;
use App\Access\Http\Shapes\InvitationShapes;
use App\Access\Values\DateOrder;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\MapOf;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** Who is in a team, and its settings. */
final class TeamShapes
{
    public static function members(): Definition
    {
        return new Definition('Members', new Fields([
            'members' => new Items(self::membership()),
            'invitations' => new Items(InvitationShapes::openInvitation()),
            'roles' => new Items(
                new Fields([
                    'id' => AccountShapes::role(),
                    'label' => Text::free(),
                    'may' => Text::free(),
                ]),
            ),
        ]));
    }

    public static function membership(): Definition
    {
        return new Definition('Membership', new Fields([
            'id' => Text::free(),
            'name' => Text::free(),
            'email' => Text::free(),
            'role' => AccountShapes::role(),
            'since' => new Day,
            'secondFactor' => new YesNo,
        ]));
    }

    public static function teamSettings(): Definition
    {
        return new Definition('TeamSettings', new Fields([
            'name' => Text::upTo(120),
            'asksSecondFactor' => new YesNo,
            'letterHead' => new Noted(new OrNull(Text::upTo(400)), 'lines above its letters; empty: its name'),
            'sharesPages' => new Noted(new YesNo, 'whether athletes may be given a page that opens without log-in'),
            'keepsYears' => new Noted(new OrNull(Number::whole(1, 40)), 'after the last visit; null: the clock erases nothing'),
            'schools' => new Noted(new MapOf(Text::free()), 'by kind, with which examinations begin'),
            'setting' => new Noted(
                new OrNull(new Word(['specialist'])),
                'with which they begin off the touchline; null: by days and age',
            ),
            'timeZone' => new Noted(Text::free(), 'in which its days begin, of the IANA database'),
            'dateOrder' => new Noted(Word::of(DateOrder::class), 'in which dates are shown and typed'),
            'reviewedLanguages' => new Noted(
                new Items(new Word(Language::translations()), 3),
                'whose translations of the athlete’s page a clinician who speaks them has reviewed',
            ),
            'seasons' => new Noted(
                new Items(
                    new Fields([
                        'squad' => Text::upTo(80),
                        'from' => new Day,
                        'until' => new Noted(new Day, 'its last day'),
                    ]),
                    60,
                ),
                'one a squad',
            ),
        ]));
    }
}

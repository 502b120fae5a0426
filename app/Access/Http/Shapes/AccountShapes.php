<?php

declare(strict_types=1);

namespace App\Access\Http\Shapes;

use App\Access\Accounts\Passwords;
use App\Access\Values\DateOrder;
use App\Access\Values\Email;
use App\Access\Values\Role;
use App\Platform\Server\Room;
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

/** The user's account: log-in, session, passwords and the second factor. */
final class AccountShapes
{
    public static function role(): Definition
    {
        return new Definition('Role', Word::of(Role::class));
    }

    public static function credentials(): Definition
    {
        return new Definition('Credentials', new Fields([
            'email' => Text::upTo(255),
            'password' => Text::upTo(255),
        ], [
            'code' => new Noted(new OrNull(Text::upTo(20)), 'of the second factor, or a recovery code'),
            'shared' => new Noted(new YesNo, 'others use this device too: it is left after 30 minutes'),
        ], strict: true));
    }

    public static function session(): Definition
    {
        return new Definition('Session', new Fields([
            'server' => new Noted(
                new Fields([
                    'mailLeaves' => new Noted(
                        new YesNo,
                        'whether a mail server is set; without one, letters and links are handed over by hand',
                    ),
                    'disk' => new Noted(Word::of(Room::class), 'full: nothing is saved until there is room again'),
                ]),
                'what people must know of the machine that this runs on',
            ),
            'deviceKey' => new Noted(
                new OrNull(Text::free()),
                'encrypts what the device keeps: 32 bytes in base64, the same at every log-in; null when nobody is logged in',
            ),
            'csrf' => Text::free(),
            'demo' => new YesNo,
            'user' => new OrNull(
                new Fields([
                    'id' => Text::free(),
                    'name' => Text::free(),
                    'role' => self::role(),
                    'leads' => new Noted(new YesNo, 'people, settings, the log and erasure are theirs'),
                    'examines' => new Noted(new YesNo, 'records are open to them; to others only who may play'),
                    'answers' => new Noted(
                        new YesNo,
                        'signs, enters results and closes what is due; who may not do so proposes',
                    ),
                    'team' => Text::free(),
                    'teams' => new Noted(
                        new Items(
                            new Fields([
                                'id' => Text::free(),
                                'name' => Text::free(),
                                'here' => new Noted(new YesNo, 'at work in it just now'),
                            ]),
                        ),
                        'all that this person is in',
                    ),
                    'secondFactor' => new Noted(new YesNo, 'whether it is on'),
                    'timeZone' => new Noted(Text::free(), 'in which the days of the team begin, of the IANA database'),
                    'dateOrder' => new Noted(Word::of(DateOrder::class), 'in which the team writes and types dates'),
                    'begins' => new Noted(
                        new Fields([
                            'setting' => new OrNull(Text::free()),
                            'schools' => new MapOf(Text::free()),
                        ]),
                        'with what the examinations of the team begin, for a device that starts one offline',
                    ),
                    'sharesPages' => new Noted(new YesNo, 'whether athletes may be given a page that opens without log-in'),
                    'seasons' => new Noted(
                        new Items(
                            new Fields([
                                'squad' => Text::free(),
                                'words' => new Noted(Text::free(), 'how it stands today'),
                            ]),
                        ),
                        'of squads whose season is set',
                    ),
                    'asksSecondFactor' => new Noted(new YesNo, 'the team wants it of everybody; without it nothing else is answered'),
                ]),
            ),
        ]));
    }

    public static function forgottenPassword(): Definition
    {
        return new Definition('ForgottenPassword', new Fields([
            'email' => Text::upTo(Email::LONGEST),
        ]));
    }

    public static function newPasswordByLink(): Definition
    {
        return new Definition('NewPasswordByLink', new Fields([
            'token' => Text::upTo(Passwords::MOST),
            'password' => new Noted(Text::upTo(Passwords::MOST), '12 letters or more'),
        ]));
    }

    public static function ownPassword(): Definition
    {
        return new Definition('OwnPassword', new Fields([
            'password' => Text::upTo(Passwords::MOST),
        ]));
    }

    public static function changedPassword(): Definition
    {
        return new Definition('ChangedPassword', new Fields([
            'current' => new Noted(Text::upTo(Passwords::MOST), 'the one until now'),
            'password' => new Noted(Text::upTo(Passwords::MOST), '12 letters or more'),
        ]));
    }

    public static function factorSecret(): Definition
    {
        return new Definition('FactorSecret', new Fields([
            'secret' => new Noted(Text::free(), 'to type by hand, base 32'),
            'address' => new Noted(Text::free(), 'to read as a QR code, otpauth://'),
        ]));
    }

    public static function factorCode(): Definition
    {
        return new Definition('FactorCode', new Fields([
            'code' => Text::upTo(20),
        ]));
    }

    public static function recoveryCodes(): Definition
    {
        return new Definition('RecoveryCodes', new Fields([
            'recoveryCodes' => new Noted(new Items(Text::free()), 'each works once, in place of a code'),
        ]));
    }

    public static function openSession(): Definition
    {
        return new Definition('OpenSession', new Fields([
            'id' => Text::free(),
            'device' => new Noted(Text::free(), 'what the browser says of itself'),
            'address' => Text::free(),
            'seenAt' => new Moment,
            'own' => new Noted(new YesNo, 'the one that asks'),
        ]));
    }
}

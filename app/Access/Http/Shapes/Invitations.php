<?php

declare(strict_types=1);

namespace App\Access\Http\Shapes;

use App\Access\Accounts\Passwords;
use App\Access\Values\Role;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Named;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** Invitations into a team and what becomes of them. */
final class Invitations
{
    public static function invitationLink(): Named
    {
        return new Named('InvitationLink', new Fields([
            'token' => Text::upTo(100),
        ]));
    }

    public static function invited(): Named
    {
        return new Named('Invited', new Fields([
            'team' => Text::free(),
            'role' => Accounts::role(),
            'email' => Text::free(),
            'account' => new Noted(
                new Word(['none', 'in_team', 'without_team']),
                'with this address; one that is in a team is logged in with before the invitation is accepted',
            ),
        ]));
    }

    public static function invitationAnswer(): Named
    {
        return new Named('InvitationAnswer', new Fields([
            'token' => Text::upTo(100),
        ], [
            'name' => new Noted(new OrNull(Text::upTo(120)), 'for a new account'),
            'password' => new Noted(new OrNull(Text::upTo(Passwords::MOST)), 'for a new account, or of one that is in no team'),
            'code' => new Noted(new OrNull(Text::upTo(20)), 'of the second factor of an account that is in no team'),
        ], strict: true));
    }

    public static function newInvitation(): Named
    {
        return new Named('NewInvitation', new Fields([
            'email' => Text::upTo(255),
            'role' => Word::of(Role::class),
        ]));
    }

    public static function madeInvitation(): Named
    {
        return new Named('MadeInvitation', new Fields([
            'id' => Text::free(),
            'address' => new Noted(
                new OrNull(Text::free()),
                'the link, to be handed over by hand; null where a mail server sends it',
            ),
        ]));
    }

    public static function openInvitation(): Named
    {
        return new Named('OpenInvitation', new Fields([
            'id' => Text::free(),
            'email' => Text::free(),
            'role' => Accounts::role(),
            'until' => new Day,
        ]));
    }

    public static function memberRole(): Named
    {
        return new Named('MemberRole', new Fields([
            'role' => Word::of(Role::class),
        ]));
    }
}

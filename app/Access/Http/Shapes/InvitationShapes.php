<?php

declare(strict_types=1);

namespace App\Access\Http\Shapes;

use App\Access\Accounts\Passwords;
use App\Access\Values\Role;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** Invitations into a team and what becomes of them. */
final class InvitationShapes
{
    public static function invitationLink(): Definition
    {
        return new Definition('InvitationLink', new Fields([
            'token' => Text::upTo(100),
        ]));
    }

    public static function invited(): Definition
    {
        return new Definition('Invited', new Fields([
            'team' => Text::free(),
            'role' => AccountShapes::role(),
            'email' => Text::free(),
            'account' => new Noted(
                new Word(['none', 'in_team', 'without_team']),
                'with this address; one that is in a team is logged in with before the invitation is accepted',
            ),
        ]));
    }

    public static function invitationAnswer(): Definition
    {
        return new Definition('InvitationAnswer', new Fields([
            'token' => Text::upTo(100),
        ], [
            'name' => new Noted(new OrNull(Text::upTo(120)), 'for a new account'),
            'password' => new Noted(new OrNull(Text::upTo(Passwords::MOST)), 'for a new account, or of one that is in no team'),
            'code' => new Noted(new OrNull(Text::upTo(20)), 'of the second factor of an account that is in no team'),
        ], strict: true));
    }

    public static function newInvitation(): Definition
    {
        return new Definition('NewInvitation', new Fields([
            'email' => Text::upTo(255),
            'role' => Word::of(Role::class),
        ]));
    }

    public static function madeInvitation(): Definition
    {
        return new Definition('MadeInvitation', new Fields([
            'id' => Text::free(),
            'address' => new Noted(
                new OrNull(Text::free()),
                'the link, to be handed over by hand; null where a mail server sends it',
            ),
        ]));
    }

    public static function openInvitation(): Definition
    {
        return new Definition('OpenInvitation', new Fields([
            'id' => Text::free(),
            'email' => Text::free(),
            'role' => AccountShapes::role(),
            'until' => new Day,
        ]));
    }

    public static function memberRole(): Definition
    {
        return new Definition('MemberRole', new Fields([
            'role' => Word::of(Role::class),
        ]));
    }
}

<?php

declare(strict_types=1);

namespace App\Access\Http\Shapes;

use App\Access\Tokens\ApiTokens;
use App\Access\Values\TokenAbility;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\Words;
use GrayCompass\Document\Shape\YesNo;

/** Tokens with which other programs come in. */
final class TokenShapes
{
    private const LONGEST_NAME = 100;

    public static function tokenAbility(): Definition
    {
        return new Definition('TokenAbility', Word::of(TokenAbility::class));
    }

    public static function newToken(): Definition
    {
        return new Definition('NewToken', new Fields([
            'name' => new Text(1, self::LONGEST_NAME),
            'abilities' => new Noted(Words::of(TokenAbility::class), 'at least one'),
            'days' => new Noted(
                Number::whole(1, ApiTokens::MOST_DAYS, 'days'),
                'after which it opens nothing any more',
            ),
        ], [
            'ofTeam' => new Noted(new YesNo, 'all leads of the team see it and can revoke it; only a lead makes one'),
        ], strict: true));
    }

    public static function madeToken(): Definition
    {
        return new Definition('MadeToken', new Fields([
            'id' => Text::free(),
            'token' => new Noted(Text::free(), 'the secret, told this once; sent as `Authorization: Bearer …`'),
        ]));
    }

    public static function tokens(): Definition
    {
        return new Definition('Tokens', new Items(new Fields([
            'id' => Text::free(),
            'name' => Text::free(),
            'by' => new Noted(Text::free(), 'the member whose role it has'),
            'own' => new YesNo,
            'ofTeam' => new YesNo,
            'abilities' => new Items(self::tokenAbility()),
            'madeAt' => Text::free(),
            'usedAt' => new Noted(new OrNull(Text::free()), 'last; null: not yet'),
            'expiresAt' => Text::free(),
            'isOver' => new YesNo,
        ])));
    }
}

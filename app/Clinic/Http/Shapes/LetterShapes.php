<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\Channel;
use App\Platform\Http\Shapes\RefusalShapes;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** Doctors and letters. */
final class LetterShapes
{
    public static function addressee(): Definition
    {
        return new Definition('Addressee', new Fields([
            'name' => Text::upTo(120),
            'practice' => Text::upTo(160),
            'address' => Text::upTo(400),
            'email' => Text::upTo(200),
        ]));
    }

    public static function newLetter(): Definition
    {
        return new Definition('NewLetter', new Fields([], [
            'doctor' => new Noted(new OrNull(Text::upTo(26)), 'id in the list of doctors'),
        ], strict: true));
    }

    public static function letterLine(): Definition
    {
        return new Definition('LetterLine', new Fields([
            'id' => Text::free(),
            'toName' => new Noted(Text::free(), 'empty while it is addressed to nobody'),
            'at' => new Noted(new Moment, 'when it left, or was last changed'),
            'sent' => new Noted(new OrNull(Text::free()), 'how it left; null: a draft'),
        ], [
            'examination' => new Noted(Text::free(), 'its id'),
        ], strict: true));
    }

    public static function letterVersion(): Definition
    {
        return new Definition('LetterVersion', new Fields([
            'number' => Number::from(1),
            'at' => new Moment,
            'by' => Text::free(),
            'subject' => Text::free(),
            'text' => Text::free(),
        ]));
    }

    public static function letter(): Definition
    {
        return new Definition('Letter', new Fields([
            'id' => Text::free(),
            'toName' => Text::free(),
            'at' => new Moment,
            'sent' => new OrNull(Text::free()),
            'examination' => Text::free(),
            'athlete' => new Fields([
                'id' => Text::free(),
                'name' => Text::free(),
            ]),
            'version' => Number::from(1),
            'to' => self::addressee(),
            'subject' => Text::free(),
            'text' => Text::free(),
            'sentBy' => new OrNull(Text::free()),
            'versions' => new Noted(new Items(self::letterVersion()), 'newest first'),
            'referrals' => new Noted(
                new Items(
                    new Fields([
                        'id' => Text::free(),
                        'title' => Text::free(),
                    ]),
                ),
                'open ones that it may carry; none once it has left',
            ),
        ]));
    }

    public static function letterWording(): Definition
    {
        return new Definition('LetterWording', new Fields([
            'version' => new Noted(Number::whole(1, 1_000_000), 'the one that was on screen'),
            'to' => new Fields([], [
                'name' => new OrNull(Text::upTo(120)),
                'practice' => new OrNull(Text::upTo(160)),
                'address' => new OrNull(Text::upTo(400)),
                'email' => new OrNull(Text::upTo(200)),
            ], strict: true),
            'subject' => Text::upTo(200),
            'text' => Text::upTo(20000),
        ]));
    }

    public static function letterSending(): Definition
    {
        return new Definition('LetterSending', new Fields([
            'version' => new Noted(Number::whole(1, 1_000_000), 'the one that was on screen'),
            'by' => Word::of(Channel::class),
        ], [
            'carries' => new Noted(new Items(Text::upTo(26), 20), 'ids of referrals that are sent with it'),
        ], strict: true));
    }

    public static function staleLetter(): Definition
    {
        return new Definition('StaleLetter', new Fields([
            'error' => RefusalShapes::fault(),
            'letter' => self::letter(),
        ]));
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Http\Shapes;

use App\Clinic\Values\InjuryState;
use App\Exchange\Values\ReferralState;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** Referrals that go to the hospital. */
final class SentReferralShapes
{
    public static function sentReferrals(): Definition
    {
        return new Definition('SentReferrals', new Fields([
            'isConnected' => new Noted(new YesNo, 'whether the operator of this server named a hospital'),
            'referrals' => new Noted(new Items(self::sentReferral()), 'newest first'),
        ]));
    }

    public static function sentReferral(): Definition
    {
        return new Definition('SentReferral', new Fields([
            'id' => new Noted(Text::free(), 'also of the ServiceRequest'),
            'task' => new Noted(Text::free(), 'that asked for it'),
            'title' => Text::free(),
            'state' => Word::of(ReferralState::class),
            'problem' => new Noted(new OrNull(Text::free()), 'why the last call failed, or why the answer cannot be used'),
            'attempts' => new Noted(Number::anyWhole(), 'of sending it'),
            'at' => new Moment,
            'sentAt' => new Noted(new OrNull(new Moment), 'when the hospital took it'),
            'nextAt' => new Noted(new OrNull(new Moment), 'of the next call'),
            'appointmentAt' => new Noted(new OrNull(new Moment), 'that the hospital gave'),
            'found' => new Noted(new OrNull(new Fields([
                'label' => new Noted(Text::free(), 'of the kind of look'),
                'on' => new Day,
                'answers' => new Items(new Fields([
                    'label' => new Noted(Text::free(), 'of the condition'),
                    'seen' => Word::of(InjuryState::class),
                    'grade' => new OrNull(Number::anyWhole()),
                ])),
                'note' => Text::free(),
            ])), 'what the hospital found, until it is added to the record'),
        ]));
    }
}

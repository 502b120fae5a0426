<?php

declare(strict_types=1);

namespace App\Club\Values;

use GrayCompass\Core\Sentences\Language;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;

/** What may be known of an athlete, typed or in a list. */
final class AthleteShape
{
    /**
     * @param  array<string, Shape>  $more  that may come along
     */
    public static function facts(array $more = []): Fields
    {
        return new Fields([
            'name' => Text::upTo(120),
            'bornOn' => new Day,
            'squad' => Text::upTo(80),
        ], [
            'number' => new OrNull(Text::upTo(20)),
            'profile' => new Noted(new OrNull(self::profile()), 'null: nothing else is known'),
            ...$more,
        ], strict: true);
    }

    public static function profile(): Fields
    {
        return new Fields([], [
            'sex' => new Noted(new OrNull(new Word(['female', 'male'])), 'null: not said'),
            'leadingLeg' => new Noted(new OrNull(new Word(['left', 'right'])), 'that kicks or leads'),
            'heightCm' => new OrNull(Number::whole(80, 250)),
            'massKg' => new OrNull(Number::whole(15, 250)),
            'language' => new Noted(new OrNull(Word::of(Language::class)), 'of what they read; null: English'),
            'sport' => new OrNull(Text::upTo(80)),
            'doctor' => new Noted(new OrNull(Text::upTo(200)), 'who treats them'),
            'guardian' => new Noted(new OrNull(Text::upTo(200)), 'of an athlete under 18'),
            'notes' => new OrNull(Text::upTo(2000)),
            'alsoIn' => new Noted(new OrNull(Text::upTo(200)), 'squads beside the first one, with commas between them'),
            'coachToldBy' => new Noted(new OrNull(Text::upTo(120)), 'who agreed that the coach is told'),
            'coachToldFrom' => new OrNull(new Day),
            'coachToldUntil' => new Noted(new OrNull(new Day), 'null: until it is withdrawn'),
        ], strict: true);
    }
}

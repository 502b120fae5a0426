<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Who comes next, in one sentence: a place that an earlier one already reaches is not named again.
 *
 * @internal
 */
final class Next
{
    /**
     * @param  list<Referral>  $referrals  worst first
     * @return list<Sentence> none when nobody is asked
     */
    public static function sentences(array $referrals): array
    {
        $reached = $named = [];
        foreach ($referrals as $referral) {
            $places = $referral->to->places();
            $new = array_values(array_filter(
                $places,
                static fn (Place $place): bool => ! \in_array($place, $reached, true),
            ));
            if ($new === []) {
                continue;
            }
            foreach ($places as $place) {
                $reached = [...$reached, ...$place->reaches()];
            }
            // What an earlier and sooner one reaches already is not asked for again.
            $to = \count($new) === 1 && $places !== $new ? Destination::alone($new[0]) ?? $referral->to : $referral->to;
            $named[] = new Sentence('next.one', ['to' => $to->name(), 'within' => $referral->within->name()]);
        }

        return $named === [] ? [] : [new Sentence('next.who', ['who' => $named])];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Plan\Referral;

/**
 * Who comes next, in one sentence: a place that an earlier one already reaches is not named again.
 *
 * @internal
 */
final class Next
{
    private const ALONE = ['scan' => 'a scan (MRI)', 'doctor' => 'a doctor', 'xray' => 'an X-ray'];

    /**
     * @param  list<Referral>  $referrals  worst first
     * @return string empty when nobody is sent
     */
    public static function sentence(array $referrals): string
    {
        $reached = $named = [];
        foreach ($referrals as $referral) {
            $places = array_column($referral->places, 'value');
            $new = array_values(array_diff($places, $reached));
            if ($new === []) {
                continue;
            }
            foreach ($referral->places as $place) {
                $reached = [...$reached, ...array_column($place->reaches(), 'value')];
            }
            // What an earlier and sooner one reaches already is not asked for again.
            $to = \count($new) === 1 && $places !== $new ? self::ALONE[$new[0]] ?? $referral->to : $referral->to;
            $named[] = "{$to}, {$referral->within->words()}";
        }

        return $named === [] ? '' : ucfirst(implode('; ', $named)).'.';
    }
}

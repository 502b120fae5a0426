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
    private const SCAN = 'a scan (MRI)';

    /**
     * @param  list<Referral>  $referrals  worst first
     * @return string empty when nobody is sent
     */
    public static function sentence(array $referrals): string
    {
        $reached = $named = [];
        foreach ($referrals as $referral) {
            $places = self::places($referral);
            $new = array_values(array_diff($places, $reached));
            if ($new === []) {
                continue;
            }
            $reached = [...$reached, ...$new];
            $to = match (true) {
                $new === ['scan'] => self::SCAN,
                // The X-ray has been asked for already, and sooner.
                $new === ['doctor'] && $places !== $new => 'a doctor',
                default => $referral->to,
            };
            $named[] = "{$to}, {$referral->within->words()}";
        }

        return $named === [] ? '' : ucfirst(implode('; ', $named)).'.';
    }

    /**
     * @return list<string>
     */
    private static function places(Referral $referral): array
    {
        if ($referral->to === 'the emergency department') {
            return ['doctor', 'xray', 'scan', 'surgeon'];
        }
        $places = array_keys(array_filter([
            'surgeon' => $referral->isSurgeon,
            'scan' => $referral->isScan,
            'xray' => $referral->isXray,
            'doctor' => str_contains($referral->to, 'doctor') && ! $referral->isSurgeon,
        ]));

        return $places === [] ? [$referral->to] : $places;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Verdict\Bearings;

/**
 * Who must be sent on, worst first. What the hands found loose is sent whatever the chance; a base rate
 * alone sends nobody anywhere. Limits are working estimates.
 *
 * @internal
 */
final class SendOn
{
    /**
     * @return list<Referral>
     */
    public static function of(Bearings $bearings): array
    {
        $ligaments = new LigamentReferrals($bearings);
        $joint = new JointReferrals($bearings);
        $later = new LaterReferrals($bearings);
        $sent = array_values(array_filter([
            ...self::safetyLines($bearings),
            ...$ligaments->cruciates(),
            ...$ligaments->sides(),
            ...$joint->kneecap(),
            ...$joint->menisci(),
        ]));
        $sent = [...$sent, ...$later->blood($sent)];
        $sent = [
            ...$sent,
            ...$later->openQuestion($sent),
            ...$later->alsoSeen(),
            ...$later->operatedAndPositive($sent),
        ];
        usort($sent, static fn (Referral $a, Referral $b): int => $a->within->rank() <=> $b->within->rank());

        return $sent;
    }

    /**
     * @return list<Referral>
     */
    private static function safetyLines(Bearings $bearings): array
    {
        $sent = [];
        foreach ($bearings->gate->lines as $line) {
            if ($line->urgency !== null) {
                $sheet = $line->sheet;
                $sent[] = new Referral(
                    $sheet->to, Within::by($line->urgency), $line->rule->value, $line->sheet->say, $sheet->question,
                    isXray: str_contains($sheet->to, 'X-ray'), isSurgeon: str_contains($sheet->to, 'surgeon'),
                );
            }
        }

        return $sent;
    }
}

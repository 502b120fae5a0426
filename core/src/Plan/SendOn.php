<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
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
     * @param  Bearings|null  $whileFresh  the same knee weighed as on its last fresh day, where it has just turned old
     * @return list<Referral>
     */
    public static function of(Bearings $bearings, ?Bearings $whileFresh = null): array
    {
        $sent = self::all($bearings);
        if ($whileFresh !== null) {
            $sent = [...$sent, ...Fading::carriedOver(self::all($whileFresh), $sent, $bearings->examination)];
        }
        $sent = (new AfterLooks($bearings))->applied($sent);
        $infection = static fn (Referral $one): int => $one->rule === SafetyRule::JointInfection->value ? 0 : 1;
        usort($sent, static fn (Referral $a, Referral $b): int => $a->within->rank() <=> $b->within->rank()
            ?: $infection($a) <=> $infection($b));

        return $sent;
    }

    /**
     * @return list<Referral>
     */
    private static function all(Bearings $bearings): array
    {
        $ligaments = new LigamentReferrals($bearings);
        $joint = new JointReferrals($bearings);
        $later = new LaterReferrals($bearings);
        $operated = new OperatedReferrals($bearings);
        $sent = array_values(array_filter([
            ...self::safetyLines($bearings),
            ...$ligaments->cruciates(),
            ...$ligaments->sides(),
            ...$joint->kneecap(),
            ...$joint->menisci(),
        ]));
        $sent = [...$sent, ...$later->blood($sent)];

        return array_values(array_filter([
            ...$sent,
            ...$later->openQuestion($sent),
            ...$later->alsoSeen(),
            ...$operated->stiff(),
            ...$operated->doubted($sent),
        ]));
    }

    /**
     * @return list<Referral>
     */
    private static function safetyLines(Bearings $bearings): array
    {
        $referrals = [];
        foreach ([...$bearings->gate->lines, ...$bearings->gate->faded] as $line) {
            if ($line->urgency !== null && $line->sheet->to !== null) {
                $referrals[] = new Referral(
                    $line->sheet->to,
                    Within::by($line->urgency),
                    $line->rule->value,
                    new Sentence('written', ['words' => $line->sheet->say]),
                    new Sentence('written', ['words' => $line->sheet->question]),
                );
            }
        }

        return $referrals;
    }
}

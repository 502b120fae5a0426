<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\KneeExamination;

/**
 * Where a fresh injury turns into an old one its base rates and figures change, and a referral that stood by a chance
 * alone could vanish overnight. It falls by one step instead, and waits as a routine visit for some weeks.
 * Working estimates.
 *
 * @internal
 */
final class Fading
{
    public const LAST_FRESH_DAY = 14;

    private const ONE_STEP_DAYS = 28;

    private const ROUTINE_DAYS = 42;

    /** Whether the injury has just turned old. */
    public static function applies(KneeExamination $examination): bool
    {
        return $examination->isAfterInjury()
            && ! $examination->injuredWithin(self::LAST_FRESH_DAY)
            && $examination->injuredWithin(self::ROUTINE_DAYS)
            && ! $examination->dayIsMissing;
    }

    /**
     * Whether weighing the fresh knee could add a referral. By chance nobody is sent sooner than within two weeks, so
     * what is carried over is routine, and anybody who settles it is asked for at least as soon.
     *
     * @param  list<Referral>  $now
     */
    public static function mayAdd(array $now): bool
    {
        return array_filter($now, static fn (Referral $one): bool => $one->settles()) === [];
    }

    /**
     * Referrals by chance that stood while the injury was fresh and do not now, each as late as it may be.
     *
     * @param  list<Referral>  $before
     * @param  list<Referral>  $now
     * @return list<Referral>
     */
    public static function carriedOver(array $before, array $now, KneeExamination $examination): array
    {
        $carried = [];
        foreach ($before as $referral) {
            $within = $examination->injuredWithin(self::ONE_STEP_DAYS) ? $referral->within->later() : Within::Routine;
            $wasRoutine = $referral->within === Within::Routine;
            if ($referral->byChance && ! $wasRoutine && $within !== null
                && ! self::isCovered($referral, $within, $now)) {
                $carried[] = $referral->within($within);
            }
        }

        return $carried;
    }

    /**
     * The same rule, or anybody who settles it, is asked for at least as soon.
     *
     * @param  list<Referral>  $now
     */
    private static function isCovered(Referral $referral, Within $within, array $now): bool
    {
        return array_filter($now, static fn (Referral $one): bool => $one->within->rank() <= $within->rank()
            && ($one->rule === $referral->rule || $one->settles())) !== [];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Knee\Condition;

/**
 * Patella and menisci. Limits are working estimates.
 *
 * @internal
 */
final readonly class JointReferrals extends Referrals
{
    private const LOCKING_OWN = 0.3;

    private const LOCKING_EITHER = 0.6;

    private const WORN_AGE = 40;

    /**
     * @return list<Referral|null>
     */
    public function kneecap(): array
    {
        $bearings = $this->bearings;
        $history = $bearings->examination->history;
        $out = $history->said(StoryItem::KneecapShifted) || $history->said(StoryItem::KneecapReduced);
        $cameOut = $out && $bearings->hasFluid() && $history->answer(StoryItem::FirstDislocation) !== false;
        $xray = $bearings->examination->isGrowing() ? Within::SameDay : Within::Days;
        $why = 'The patella came out, and there is fluid: a piece of cartilage may be loose.';

        return [
            $cameOut
                ? new Referral(
                    self::XRAY,
                    $xray,
                    'kneecap_came_out',
                    $why,
                    'an osteochondral fragment after a dislocation of the patella?',
                    isXray: true,
                )
                : null,
            $cameOut
                ? $this->surgeon(
                    Condition::PatellarInstability,
                    Within::Week,
                    'kneecap_came_out',
                    $why,
                    'a loose fragment, and what follows a dislocation of the patella?',
                )
                : null,
            ! $cameOut && $bearings->atAct(Condition::PatellarInstability)
                ? new Referral(
                    'a kneecap surgeon, or a training programme',
                    Within::Routine,
                    'instability',
                    'Patellar instability is likely.',
                    'patellar instability: programme or surgery?',
                    isSurgeon: true,
                )
                    : null,
        ];
    }

    /**
     * @return list<Referral|null>
     */
    public function menisci(): array
    {
        $bearings = $this->bearings;
        $told = $bearings->examination->history->said(StoryItem::Locking);
        $young = ! $bearings->examination->isAtLeast(self::WORN_AGE);
        $sent = [];
        foreach (self::MENISCI as $condition) {
            $act = $bearings->atAct($condition);
            $own = $bearings->standing->hasOwnPositive($condition)
                && $bearings->chance($condition) >= self::LOCKING_OWN;
            $name = $condition->withArticle();
            $sent[] = match (true) {
                $told
                    && ($act || ($own && $bearings->anyMeniscus() >= self::LOCKING_EITHER)) => $this->scan(
                        'meniscus_locks',
                        'The knee locks, and a meniscus tear is likely.',
                        "{$name} that locks?",
                    ),
                $act
                    && $young
                    && $bearings->isAfterInjury() => $this->scan(
                        'meniscus_torn',
                        ucfirst("{$name} is likely after an injury."),
                        "{$name}?",
                    ),
                default => null,
            };
        }

        return $sent;
    }
}

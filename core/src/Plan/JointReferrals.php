<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\FadingFinding;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Sentences\Sentence;

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
        $dislocation = $this->bearings->dislocation;
        $steps = $this->bearings->gate->book->steps;
        $day = $this->bearings->examination->daysSinceInjury ?? 0;
        $surgeon = $steps->on(FadingFinding::KneecapSurgeon, $day) ?? Urgency::Routine;
        if ($dislocation->cameOut && $surgeon !== Urgency::Routine) {
            return $this->cameOut($surgeon, $day);
        }
        if ($dislocation->bledAgain) {
            return [$this->surgeon(
                Condition::PatellarInstability,
                Within::TwoWeeks,
                'instability',
                new Sentence('refer.patella_again'),
                new Sentence('refer.patella_again.asked'),
            )];
        }
        $likely = $this->bearings->atAct(Condition::PatellarInstability);

        return $likely || $dislocation->cameOut
            ? [new Referral(
                Destination::KneecapSurgeon,
                Within::Routine,
                'instability',
                $likely ? new Sentence('refer.patella_unstable') : new Sentence('refer.patella_was_out'),
                new Sentence('refer.patella_unstable.asked'),
                byChance: ! $dislocation->cameOut,
                asks: [Condition::PatellarInstability],
            )]
            : [];
    }

    /**
     * @return list<Referral|null>
     */
    private function cameOut(Urgency $surgeon, int $day): array
    {
        $growing = $this->bearings->examination->isGrowing();
        $xray = $this->bearings->gate->book->steps->on(
            $growing ? FadingFinding::KneecapXrayGrowing : FadingFinding::KneecapXray,
            $day,
        ) ?? Urgency::Routine;
        $why = new Sentence('refer.patella_came_out');

        return [
            $this->bearings->examination->safety->isTrue(SafetyKey::XrayClear) ? null : $this->xray(
                'kneecap_came_out',
                Within::by($xray),
                $why,
                new Sentence('refer.patella_came_out.fragment'),
            ),
            $this->surgeon(
                Condition::PatellarInstability,
                Within::by($surgeon),
                'kneecap_came_out',
                $why,
                new Sentence('refer.patella_came_out.asked'),
            ),
        ];
    }

    /**
     * @return list<Referral|null>
     */
    public function menisci(): array
    {
        return array_map($this->meniscus(...), self::MENISCI);
    }

    private function meniscus(Condition $condition): ?Referral
    {
        $bearings = $this->bearings;
        $locks = $bearings->examination->history->isYes(HistoryItem::Locking);
        $young = ! $bearings->examination->isAtLeast(self::WORN_AGE);
        $act = $bearings->atAct($condition);
        $own = $bearings->results->hasOwnPositive($condition)
            && $bearings->chance($condition) >= self::LOCKING_OWN;
        $name = $condition->withArticle();

        return match (true) {
            $locks && ($act || ($own && $bearings->anyMeniscus() >= self::LOCKING_EITHER)) => $this->scan(
                'meniscus_locks',
                new Sentence('refer.meniscus_locks'),
                new Sentence('refer.meniscus_locks.asked', ['condition' => $name]),
                byChance: true,
                asks: [$condition],
            ),
            $act && $young && $bearings->isAfterInjury() => $this->scan(
                'meniscus_torn',
                new Sentence('refer.meniscus_torn', ['condition' => $name]),
                new Sentence('refer.asked', ['condition' => $name]),
                byChance: true,
                asks: [$condition],
            ),
            default => null,
        };
    }
}

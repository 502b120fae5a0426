<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;

/**
 * A knee that was operated on, and one that stays stiff. Limits are working estimates.
 *
 * @internal
 */
final readonly class OperatedReferrals extends Referrals
{
    /** Weeks after an operation, and days after an injury, from which a stiff knee is not left to itself. */
    private const STIFF_WEEKS = 6;

    private const STIFF_DAYS = 42;

    /**
     * A structure that was operated on and tests positive, or cannot be read, goes to the one who operated.
     *
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    public function doubted(array $sent): array
    {
        $already = array_filter(
            $sent,
            static fn (Referral $one): bool => $one->isToOperator() && SafetyRule::tryFrom($one->rule) === null
                && $one->within->rank() <= Within::Week->rank(),
        );
        if ($already !== []) {
            return [];
        }
        foreach (Condition::cases() as $condition) {
            $graft = $this->bearings->isGraft($condition);
            $positive = $this->bearings->results->hasOwnPositive($condition);
            if ($graft && ($positive || $this->bearings->cannotBeRead($condition))) {
                return [$this->operator(
                    Within::Week,
                    'graft_doubt',
                    $positive ? new Sentence('refer.graft_positive') : new Sentence('refer.graft_untested'),
                    new Sentence('refer.graft.asked'),
                    [$condition],
                )];
            }
            if ($positive && $this->isOperatedOn($condition)) {
                return [$this->operator(
                    Within::Week,
                    'operated_positive',
                    new Sentence('refer.operated_positive'),
                    new Sentence('refer.operated_positive.asked', ['condition' => $condition->withArticle()]),
                    [$condition],
                )];
            }
        }

        return [];
    }

    /**
     * @return list<Referral|null>
     */
    public function stiff(): array
    {
        $knee = $this->bearings->knee;
        $weeks = $this->bearings->examination->episode->operated?->weeksAgo;
        if ($this->bearings->gate->isToday() || $this->bearings->gate->sends(SafetyRule::LockedKnee, SafetyRule::Stiff)) {
            return [];
        }
        if ($weeks !== null) {
            return $weeks > self::STIFF_WEEKS ? $this->stiffAfterOperation() : [];
        }
        $long = $this->bearings->isAfterInjury()
            && ! $this->bearings->examination->injuredWithin(self::STIFF_DAYS)
            && $knee->is(Fact::ShortOfStraight10)
            && ! $knee->is(Fact::EndsHard);
        $stuck = ! $this->bearings->isAfterInjury() && $knee->is(Fact::StuckShort) && $knee->is(Fact::EndsFirm);

        return $long || $stuck
            ? [new Referral(
                Destination::KneeSurgeon,
                Within::TwoWeeks,
                'stiff',
                new Sentence('refer.stiff'),
                $this->bearings->examination->history->isYes(HistoryItem::Locking)
                    ? new Sentence('refer.stiff.locks')
                    : new Sentence('refer.stiff.asked'),
            )]
            : [];
    }

    /**
     * @return list<Referral|null>
     */
    private function stiffAfterOperation(): array
    {
        $knee = $this->bearings->knee;
        $stiff = $knee->is(Fact::ShortOfStraight5) || $knee->is(Fact::BendsUnder90);
        $lags = $knee->is(Fact::Lag) && $this->bearings->examination->episode->operated?->isHealing() === true;

        return [
            $stiff ? $this->operator(
                Within::TwoWeeks,
                'stiff',
                new Sentence('refer.stiff_after_operation'),
                new Sentence('refer.stiff_after_operation.asked'),
            ) : null,
            $lags ? $this->operator(
                Within::TwoWeeks,
                'lag_after_operation',
                new Sentence('refer.lag_after_operation'),
                new Sentence('refer.lag_after_operation.asked'),
            ) : null,
        ];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Cruciates, collaterals and the posterolateral corner. Limits are working estimates.
 *
 * @internal
 */
final readonly class LigamentReferrals extends Referrals
{
    private const LOOSE_WITHOUT_INJURY = 0.2;

    private const TURNING_CORNER = 0.1;

    /**
     * @return list<Referral|null>
     */
    public function cruciates(): array
    {
        $sent = [];
        foreach ([Condition::Acl, Condition::Pcl] as $condition) {
            $level = $this->bearings->loose->cruciate($condition);
            $fresh = $this->bearings->isAfterInjury();
            $loose = $level !== null
                && (
                    $fresh
                    || $level === Level::Gross
                    || $this->bearings->chance($condition) >= self::LOOSE_WITHOUT_INJURY
                );
            $name = $condition->withArticle();
            $sent[] = match (true) {
                $loose => $this->surgeon(
                    $condition,
                    $fresh ? Within::TwoWeeks : Within::Routine,
                    'cruciate_loose',
                    new Sentence('refer.cruciate_loose', ['condition' => $name]),
                    new Sentence('refer.asked', ['condition' => $name]),
                    scan: true,
                ),
                $this->bearings->atAct($condition) => $this->surgeon(
                    $condition,
                    Within::TwoWeeks,
                    'cruciate_act',
                    new Sentence('refer.likely', ['condition' => $name]),
                    new Sentence('refer.asked', ['condition' => $name]),
                    scan: true,
                    byChance: true,
                ),
                default => null,
            };
        }

        return $sent;
    }

    /**
     * @return list<Referral|null>
     */
    public function sides(): array
    {
        return [$this->corner(), $this->outerSide(), $this->innerSide(), $this->twoLigaments(), $this->thrust()];
    }

    private function corner(): ?Referral
    {
        $bearings = $this->bearings;
        $dial = $bearings->results->result('dial_30');
        $turns = $dial?->isPositive() === true
            && $dial->reading->level?->isAtLeast(Level::Clear) === true
            && $bearings->chance(Condition::Plc) >= self::TURNING_CORNER;
        $byHand = $turns
            || \count($bearings->results->ownPositives(Condition::Plc)) >= 2
            || ($bearings->knee->is(Fact::ThrustsOutward) && $this->outerSideIsPositive());

        return $byHand || $bearings->atAct(Condition::Plc)
            ? $this->surgeon(
                Condition::Plc,
                Within::Week,
                'corner',
                new Sentence('refer.corner'),
                new Sentence('refer.corner.asked'),
                byChance: ! $byHand,
            )
            : null;
    }

    private function outerSideIsPositive(): bool
    {
        return $this->bearings->results->hasOwnPositive(Condition::Lcl)
            || $this->bearings->results->hasOwnPositive(Condition::Plc);
    }

    private function outerSide(): ?Referral
    {
        return $this->bearings->isOuterSideHurt()
            ? $this->surgeon(
                Condition::Lcl,
                Within::Week,
                'outer_side',
                new Sentence('refer.lateral_side'),
                new Sentence('refer.lateral_side.asked'),
                byChance: ! $this->bearings->loose->opens(Condition::Lcl),
            )
            : null;
    }

    private function innerSide(): ?Referral
    {
        $bent = $this->bearings->results->result('valgus_30_laxity');
        $gross = $this->bearings->grade(Condition::Mcl) === 3
            && $bent?->isPositive() === true
            && $bent->reading->level === Level::Gross;

        return $gross
            ? $this->surgeon(
                Condition::Mcl,
                Within::Week,
                'inner_gross',
                new Sentence('refer.medial_side'),
                new Sentence('refer.medial_side.asked'),
            )
            : null;
    }

    private function twoLigaments(): ?Referral
    {
        $bearings = $this->bearings;
        $torn = array_filter(self::LIGAMENTS, static fn (Condition $condition): bool => $bearings->atAct($condition)
            && (! \in_array($condition, [Condition::Mcl, Condition::Lcl], true) || $bearings->grade($condition) >= 2));
        $names = array_map(static fn (Condition $condition): string => $condition->withArticle(), array_values($torn));

        return \count($torn) >= 2 && ! $bearings->gate->sends(SafetyRule::TwoLigaments)
            ? new Referral(
                Destination::KneeSurgeon,
                Within::Week,
                'two_ligaments',
                new Sentence('refer.two_ligaments'),
                new Sentence('refer.two_ligaments.asked', ['conditions' => $names]),
                asks: array_values($torn),
            )
            : null;
    }

    /** A thrust that no test explains is an old laxity until shown otherwise. */
    private function thrust(): ?Referral
    {
        $outward = $this->bearings->knee->is(Fact::ThrustsOutward);
        $inward = $this->bearings->knee->is(Fact::ThrustsInward);
        $explained = ($outward && $this->outerSideIsPositive())
            || ($inward && $this->bearings->results->hasOwnPositive(Condition::Mcl));

        return ($outward || $inward) && ! $explained
            ? new Referral(
                Destination::KneeSurgeon,
                Within::Routine,
                'thrust',
                new Sentence('refer.thrust'),
                $outward ? new Sentence('refer.thrust.varus') : new Sentence('refer.thrust.valgus'),
            )
            : null;
    }
}

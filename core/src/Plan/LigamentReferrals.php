<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;

/**
 * Cruciates, collaterals and the posterolateral corner. Limits are working estimates.
 *
 * @internal
 */
final readonly class LigamentReferrals extends Referrals
{
    private const LOOSE_WITHOUT_INJURY = 0.2;

    private const CORNER_FROM = 0.2;

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
                    "The shin gives more than it should: {$name} until shown otherwise.",
                    "{$name}?",
                    scan: true,
                ),
                $this->bearings->atAct($condition) => $this->surgeon(
                    $condition,
                    Within::TwoWeeks,
                    'cruciate_act',
                    ucfirst("{$name} is likely."),
                    "{$name}?",
                    scan: true,
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
        $bearings = $this->bearings;
        $thrust = $bearings->knee->is(Fact::ThrustsOutward)
            && (
                $bearings->standing->hasOwnPositive(Condition::Lcl)
                || $bearings->standing->hasOwnPositive(Condition::Plc)
            );
        $corner = $bearings->atAct(Condition::Plc)
            || $thrust
            || ($bearings->positive('dial_30') && $bearings->chance(Condition::Plc) >= self::CORNER_FROM);
        $outer = $bearings->atAct(Condition::Lcl) || $bearings->loose->opens(Condition::Lcl);
        $bent = $bearings->standing->result('valgus_30_laxity');
        $inner = $bearings->grade(Condition::Mcl) === 3
            && $bent?->isPositive() === true
            && $bent->reading->level === Level::Gross;
        $torn = array_filter(self::LIGAMENTS, static fn (Condition $condition): bool => $bearings->atAct($condition)
            && (! \in_array($condition, [Condition::Mcl, Condition::Lcl], true) || $bearings->grade($condition) >= 2));
        $names = implode(
            ' and ',
            array_map(static fn (Condition $condition): string => $condition->withArticle(), $torn),
        );

        return [
            $corner
                ? $this->surgeon(
                    Condition::Plc,
                    Within::Week,
                    'corner',
                    'The posterolateral corner may be hurt, and heals worse once late.',
                    'a posterolateral corner injury?',
                )
                : null,
            $outer
                ? $this->surgeon(
                    Condition::Lcl,
                    Within::Week,
                    'outer_side',
                    'The lateral side opens or is likely torn, seldom alone, and heals worse once late.',
                    'an LCL tear, with or without the corner?',
                )
                : null,
            $inner
                ? $this->surgeon(
                    Condition::Mcl,
                    Within::Week,
                    'inner_gross',
                    'The medial side opens by more than 10 mm, or without an end.',
                    'a complete MCL tear?',
                )
                : null,
            \count($torn) >= 2
                ? new Referral(
                    self::SURGEON,
                    Within::Week,
                    'two_ligaments',
                    'Two ligaments are likely torn.',
                    "{$names}?",
                    isSurgeon: true,
                )
                : null,
        ];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Family;

/**
 * The straight leg that cannot be raised or held: tendon, patella or femoral nerve. Limits are working estimates.
 *
 * @internal
 */
final readonly class ExtensorRules extends RuleGroup
{
    private const FRESH_LAG_DAYS = 42;

    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        return [$this->raiseImpossible(), ...$this->lag()];
    }

    private function isLate(): bool
    {
        return $this->examination->isAfterInjury() && ! $this->within(self::FRESH_LAG_DAYS);
    }

    private function raiseImpossible(): ?SafetyLine
    {
        return $this->fading(
            $this->isLate() ? SafetyRule::ExtensorLate : SafetyRule::ExtensorRupture,
            FadingFinding::RaiseImpossible,
            $this->signs->since(SafetyKey::CannotStraightLegRaise),
            Opens::firstAnd(Family::Fluid)->andPalpation(),
            Urgency::SameDay,
        );
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function lag(): array
    {
        if (! $this->knee->is(Fact::Lag) || $this->isOperated() || $this->signs->yes(SafetyKey::CannotStraightLegRaise)) {
            return [];
        }
        $since = $this->knee->since(Fact::Lag);
        $far = $this->knee->is(Fact::Lag20);
        $tender = $this->knee->is(Fact::ExtensorTender);
        if ($tender || ($far && $this->fluidGrade < 2)) {
            return [$this->fading(
                $this->isLate() ? SafetyRule::ExtensorLag : SafetyRule::ExtensorRupture,
                FadingFinding::TenderLag,
                $since,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
                Urgency::SameDay,
            )];
        }
        $byFluid = ! $far && $this->fluidGrade >= 2;
        $quiet = ! $this->examination->isAfterInjury()
            && ! $this->fluid->isPositive()
            && $this->knee->is(Fact::WalksFreely);

        return $byFluid || $quiet ? [] : [$this->fading(
            SafetyRule::ExtensorLag,
            FadingFinding::OtherLag,
            $since,
            Opens::allBut(Family::Loaded)->andFromProvocation(self::HIGH_PROVOCATION),
            Urgency::Days,
        )];
    }

    /** Within a year of an operation a lag leads the summary instead. */
    private function isOperated(): bool
    {
        return $this->signs->yes(SafetyKey::RecentSurgery) || $this->examination->episode->operated?->isHealing() === true;
    }
}

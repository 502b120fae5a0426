<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\FluidDrawn;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;

/**
 * Whether a joint, a bursa or a child's hip may be infected. Heat and fluid alone are enough where something adds to
 * them: many infected joints have neither fever nor much pain. Limits are working estimates.
 *
 * @internal
 */
final readonly class InfectionSigns
{
    private const PAIN = 5.0;

    private const SMALL_CHILD_YEARS = 12;

    private HurtKnee $knee;

    private bool $warm;

    public function __construct(private KneeExamination $examination, private Signs $signs, private FluidSigns $fluid)
    {
        $this->knee = new HurtKnee($examination);
        $this->warm = $this->knee->is(Fact::Warm);
    }

    /** Null: nothing says so. */
    public function found(): ?Suspicion
    {
        $fever = $this->examination->safety->isTrue(SafetyKey::FeverOrHotRedKnee);
        $reported = $fever || $this->examination->episode->fluidDrawn === FluidDrawn::Cloudy;
        $seen = \max($this->knee->since(Fact::Warm) ?? -1, $this->fluid->at);

        return match (true) {
            $reported => new Suspicion(-1),
            $this->isHot() && $this->isMoreThanHot($fever) => new Suspicion($seen),
            $this->isChildWhoWillNotWalk() => new Suspicion($seen, 'child'),
            $this->knee->is(Fact::BursaHot) => new Suspicion($this->knee->since(Fact::BursaHot) ?? -1, 'bursa'),
            default => null,
        };
    }

    private function isHot(): bool
    {
        return $this->warm && $this->fluid->isPositive();
    }

    private function isMoreThanHot(bool $fever): bool
    {
        $examination = $this->examination;
        $hurts = ($examination->history->painNow ?? 0.0) >= self::PAIN;
        $operated = $this->signs->yes(SafetyKey::RecentSurgery) || $examination->episode->operated?->isRecent() === true;
        $withoutInjury = ! $examination->isAfterInjury() && (
            $hurts
            || $this->knee->is(Fact::Limps)
            || $this->knee->is(Fact::BendsUnder90)
            || ! $examination->safety->answered(SafetyKey::FeverOrHotRedKnee)
            || $examination->isChild()
        );

        return $withoutInjury
            || $examination->episode->hadNeedle()
            || $examination->episode->implant->isPresent()
            || ($operated && ($fever || $hurts || $this->knee->is(Fact::WoundWeeps)));
    }

    /** A limp without an injury, and anything at the knee: an infected joint, or the hip. */
    private function isChildWhoWillNotWalk(): bool
    {
        $examination = $this->examination;
        $fluid = $this->fluid->isPositive() || $this->fluid->isTrace();
        if (! $this->knee->is(Fact::Limps)) {
            return false;
        }
        $signs = $fluid
            || $this->warm
            || $this->knee->is(Fact::BendsUnder90)
            || $this->knee->is(Fact::HurtsAtAnEnd);

        return ($examination->isChild() && ! $examination->isAfterInjury() && $signs)
            || ($examination->isUnder(self::SMALL_CHILD_YEARS)
                && ! $examination->injuredWithin(RuleGroup::FRESH_DAYS)
                && $fluid);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Knee\Family;

/**
 * What is wrong inside the joint: infection, fluid, bleeding, a meniscus that locks. Limits are working estimates.
 *
 * @internal
 */
final readonly class JointRules extends RuleGroup
{
    private const EARLY_SWEEP_DAYS = 3;

    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        $infection = (new InfectionSigns($this->examination, $this->signs, $this->fluid))->found();

        return [
            $this->line(
                SafetyRule::JointInfection,
                Urgency::SameDay,
                $infection?->since,
                Opens::firstAnd(Family::Fluid),
                $infection->as ?? '',
            ),
            $this->hotUnasked(),
            $infection === null ? $this->warmAfterOperation() : null,
            $this->swollen(),
            $this->bleeding(),
            $this->locked(),
        ];
    }

    private function hotUnasked(): ?SafetyLine
    {
        $unasked = $this->warm
            && $this->fluid->isPositive()
            && ! $this->examination->safety->answered(SafetyKey::FeverOrHotRedKnee);

        return $this->line(
            SafetyRule::HotKneeUnasked,
            null,
            $unasked ? $this->seen() : null,
            Opens::allBut(Family::Stress, Family::Twist, Family::Loaded),
        );
    }

    /** Warm and swollen after an operation or a needle, without what makes it an infection. */
    private function warmAfterOperation(): ?SafetyLine
    {
        $episode = $this->examination->episode;
        $weeks = \min($episode->operated->weeksAgo ?? PHP_INT_MAX, $episode->injectionWeeksAgo ?? PHP_INT_MAX);
        $weeks = $this->examination->safety->isTrue(SafetyKey::RecentSurgery) ? \min($weeks, 0) : $weeks;
        $hot = $this->warm && $this->fluid->isPositive();
        if (! $hot || $weeks === PHP_INT_MAX) {
            return null;
        }
        $urgency = $this->book->steps->on(FadingFinding::WarmAfterOperation, $weeks);
        $operated = $episode->operated !== null || $this->examination->safety->isTrue(SafetyKey::RecentSurgery);

        return $urgency === null ? null : SafetyLine::fading(
            SafetyRule::WarmAfterOperation,
            $urgency,
            $this->book->of(SafetyRule::WarmAfterOperation, $operated ? '' : 'needle'),
            $this->seen(),
            Opens::allBut(Family::Stress, Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded),
        );
    }

    /** Fluid that came on without an injury: a doctor, sooner the younger, the warmer, or with a limp. */
    private function swollen(): ?SafetyLine
    {
        if ($this->examination->isAfterInjury() || ! ($this->fluid->isPositive() || $this->knee->is(Fact::OtherKneeSwells))) {
            return null;
        }
        $child = $this->examination->isChild();
        $restless = $this->warm && $this->signs->yes(SafetyKey::NightOrRestPain, SafetyKey::PainAtRest7);
        $much = $this->fluidGrade >= 2 || ($this->fluidGrade >= 1 && $this->warm);
        $urgency = match (true) {
            $much && ($child || $restless) => Urgency::SameDay,
            $much || ($this->fluid->isPositive() && $this->knee->is(Fact::Limps)) => Urgency::Days,
            default => Urgency::Routine,
        };

        return $this->line(
            SafetyRule::SwellingWithoutInjury,
            $urgency,
            $this->seen(),
            Opens::allBut()->andFromProvocation(self::HIGH_PROVOCATION),
            $this->fluid->isPositive() ? '' : 'other_knee',
        );
    }

    private function bleeding(): ?SafetyLine
    {
        if (! $this->examination->episode->bleedingRisk) {
            return null;
        }
        $rapid = $this->examination->history->swellingOnset === SwellingOnset::WithinTwoHours;
        $sweepSays = $this->fluid->wasTried()
            && ! ($this->fluid->isNegative() && $this->within(self::EARLY_SWEEP_DAYS - 1));
        $today = $this->blood->isSuspected()
            || $this->fluidGrade >= 2
            || ($rapid && ! $sweepSays);
        $opens = Opens::all();

        return $today
            ? $this->line(SafetyRule::BleedingRisk, Urgency::SameDay, $this->seen(), $opens)
            : $this->fading(
                SafetyRule::BleedingRisk,
                FadingFinding::BulgeUnderBleedingRisk,
                $this->fluid->isPositive() ? $this->seen() : null,
                $opens,
                Urgency::Days,
            );
    }

    private function locked(): ?SafetyLine
    {
        $day = $this->examination->daysSinceInjury ?? 0;

        return $this->answered(
            SafetyRule::LockedKnee,
            $this->book->steps->on(FadingFinding::Locked, $day) ?? Urgency::TwoWeeks,
            Opens::allBut(Family::Twist, Family::Loaded),
            SafetyKey::LockedShort,
        );
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\FluidDrawn;
use GrayCompass\Core\Findings\SafetyKey as Key;
use GrayCompass\Core\Knee\Family;

/**
 * Bone that may be broken; the fracture rule is Stiell’s (1996). Limits are working estimates.
 *
 * @internal
 */
final readonly class BoneRules extends RuleGroup
{
    private const XRAY_TODAY_DAYS = 7;

    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        $examination = $this->examination;
        $fat = $examination->episode->fluidDrawn === FluidDrawn::BloodAndFat;
        $deformed = $this->signs->since(Key::Deformity);
        $broken = $deformed ?? ($fat ? -1 : $this->signs->since(Key::BoneCrepitus));
        $unimaged = ! $examination->safety->isTrue(Key::XrayClear);
        $questions = [Key::CannotTakeFourSteps, Key::CannotFlexTo90, Key::TenderPatellaAlone, Key::TenderFibularHead];
        $fractureRule = $this->within(self::FRESH_DAYS) && $unimaged ? $this->signs->since(...$questions) : null;
        $xray = $this->within(self::XRAY_TODAY_DAYS) ? Urgency::SameDay : Urgency::Days;
        $byAge = $this->within(self::XRAY_TODAY_DAYS)
            && $examination->isOfXrayAge()
            && $unimaged
            && $fractureRule === null
            && ! $this->looksSound();
        $bleeding = Blood::likely($examination, $this->fluid) || $this->fluidGrade >= 2;
        $growing = $examination->isGrowing() && $this->within(self::FRESH_DAYS) && $unimaged && $bleeding;

        return [
            $this->line(
                Rule::FractureLikely,
                $deformed === null ? Urgency::SameDay : Urgency::Emergency,
                $broken,
                Opens::firstAnd(),
                $fat ? 'fat_drawn' : '',
            ),
            $this->line(
                Rule::FractureRulePositive,
                $xray,
                $fractureRule,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
                $examination->isGrowing() ? 'growing' : '',
            ),
            $this->line(
                Rule::AgeXray,
                Urgency::Days,
                $byAge ? -1 : null,
                Opens::allBut(Family::Pivot, Family::Twist)->andFromProvocation(self::HIGH_PROVOCATION),
            ),
            $this->line(
                Rule::GrowingBone,
                self::growingUrgency($examination),
                $growing ? $this->fluid->at : null,
                Opens::firstAnd(Family::Fluid)->andPalpation(),
            ),
        ];
    }

    /** Bone that is likely hurt near a growth plate: today below 16 years. */
    public static function growingUrgency(Examination $examination): Urgency
    {
        return $examination->isChild() ? Urgency::SameDay : Urgency::Days;
    }

    /** All that the fracture rule looks at from 55 on was recorded, and is normal. */
    private function looksSound(): bool
    {
        $bends = $this->knee->is(Fact::BendLookedAt)
            && $this->signs->answered(Key::CannotFlexTo90)
            && ! $this->signs->yes(Key::CannotFlexTo90);

        return $bends
            && $this->knee->is(Fact::WalksFreely)
            && $this->knee->is(Fact::LandmarksSound)
            && $this->fluid->isNegative();
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\FluidDrawn;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Family;

/**
 * Bone that may be broken; the fracture rule is Stiell’s (1996). Limits are working estimates.
 *
 * @internal
 */
final readonly class BoneRules extends RuleGroup
{
    private const FRACTURE_SIGNS = [
        SafetyKey::CannotTakeFourSteps, SafetyKey::CannotFlexTo90, SafetyKey::TenderPatellaAlone, SafetyKey::TenderFibularHead,
    ];

    /** Of the signs, those that a clear X-ray does not settle. */
    private const NOT_SETTLED_BY_XRAY = [SafetyKey::CannotTakeFourSteps, SafetyKey::CannotFlexTo90];

    private const TENSE = 4;

    /** After this day, a knee that an X-ray did not explain goes to a surgeon. */
    private const IMAGED_DAYS = 42;

    /**
     * @return list<SafetyLine|null>
     */
    public function lines(): array
    {
        return [
            ...$this->broken(),
            $this->fractureRule(),
            $this->suspected(),
            $this->hidden(),
            $this->byAge(),
            $this->growing(),
        ];
    }

    /** How soon bone near a growth plate is imaged: sooner below 16 years. */
    public static function growingFinding(KneeExamination $examination): FadingFinding
    {
        return $examination->isChild() ? FadingFinding::GrowingChild : FadingFinding::Growing;
    }

    /**
     * @return list<SafetyLine|null>
     */
    private function broken(): array
    {
        $fat = $this->examination->episode->fluidDrawn === FluidDrawn::BloodAndFat;

        return [
            $this->fading(
                SafetyRule::FractureLikely,
                FadingFinding::Deformity,
                $this->knee->since(Fact::Deformed),
                Opens::firstAnd(),
                Urgency::Days,
            ),
            $this->line(
                SafetyRule::FractureLikely,
                Urgency::SameDay,
                $fat ? -1 : $this->signs->since(SafetyKey::BoneCrepitus),
                Opens::firstAnd(),
                $fat ? 'fat_drawn' : '',
            ),
        ];
    }

    private function fractureRule(): ?SafetyLine
    {
        return $this->isImaged() ? null : $this->fading(
            SafetyRule::FractureRulePositive,
            FadingFinding::FractureSign,
            $this->since(...self::FRACTURE_SIGNS),
            Opens::firstAnd(Family::Fluid)->andPalpation(),
            as: $this->examination->isGrowing() ? 'growing' : '',
        );
    }

    /** A knee too full to empty, likely with blood, that hurts much or limps. */
    private function suspected(): ?SafetyLine
    {
        $hurts = ($this->examination->history->painNow ?? 0.0) >= self::SEVERE_PAIN || $this->knee->is(Fact::Limps);
        $since = $this->fluid->sweep === self::TENSE && $this->blood->isSuspected() && $hurts
            ? \max($this->fluid->at, $this->knee->since(Fact::Limps) ?? -1)
            : null;
        $opens = Opens::allBut(Family::Pivot, Family::Twist, Family::Loaded)
            ->andFromProvocation(self::HIGH_PROVOCATION);

        return $this->isImaged()
            ? $this->imaged(SafetyRule::FractureSuspected, $since, $opens)
            : $this->fading(SafetyRule::FractureSuspected, FadingFinding::FractureSign, $since, $opens);
    }

    /** An X-ray takes away the X-ray only: some breaks do not show on it. */
    private function hidden(): ?SafetyLine
    {
        $bled = $this->examination->isOfXrayAge() && $this->blood->isSuspected() ? $this->fluid->at : null;
        $since = $this->isImaged() ? $this->since(...self::NOT_SETTLED_BY_XRAY) ?? $bled : null;

        return $this->imaged(
            SafetyRule::HiddenFracture,
            $since,
            Opens::allBut(Family::Pivot, Family::Twist, Family::Loaded)->andFromProvocation(self::HIGH_PROVOCATION),
        );
    }

    /**
     * @param  int<-1, max>|null  $since
     */
    private function imaged(SafetyRule $rule, ?int $since, Opens $opens): ?SafetyLine
    {
        return $this->fading(
            $this->within(self::IMAGED_DAYS) ? $rule : SafetyRule::Stiff,
            FadingFinding::FractureSignImaged,
            $since,
            $opens,
            as: 'imaged',
        );
    }

    private function byAge(): ?SafetyLine
    {
        $asks = $this->examination->isOfXrayAge() && ! $this->isImaged() && ! $this->looksSound();
        $signs = $this->knee->is(Fact::Limps) || $this->signs->yes(SafetyKey::CannotFlexTo90) || $this->fluidGrade >= 2;

        return $this->fading(
            SafetyRule::AgeXray,
            $signs ? FadingFinding::AgeWithSigns : FadingFinding::AgeAlone,
            $asks ? -1 : null,
            Opens::allBut(Family::Pivot, Family::Twist)->andFromProvocation(self::HIGH_PROVOCATION),
        );
    }

    private function growing(): ?SafetyLine
    {
        $bleeding = $this->blood->isSuspected() || $this->fluidGrade >= 2;
        $stillHurt = $this->within(self::FRESH_DAYS) || $this->fluid->isPositive() || $this->knee->is(Fact::Limps);

        return $this->fading(
            SafetyRule::GrowingBone,
            self::growingFinding($this->examination),
            $this->examination->isGrowing() && ! $this->isImaged() && $bleeding && $stillHurt
                ? $this->fluid->at
                : null,
            Opens::firstAnd(Family::Fluid)->andPalpation(),
        );
    }

    private function isImaged(): bool
    {
        return $this->examination->safety->isTrue(SafetyKey::XrayClear);
    }

    /**
     * A stiff knee is expected after an operation, and is no sign of a break then.
     *
     * @return int<-1, max>|null
     */
    private function since(SafetyKey ...$signs): ?int
    {
        return $this->signs->since(...array_filter(
            $signs,
            fn (SafetyKey $key): bool => $key !== SafetyKey::CannotFlexTo90 || ! $this->operatedLately(),
        ));
    }

    /** All that the fracture rule looks at from 55 on was recorded, and is normal. */
    private function looksSound(): bool
    {
        $bends = $this->knee->is(Fact::BendLookedAt)
            && $this->signs->answered(SafetyKey::CannotFlexTo90)
            && ! $this->signs->yes(SafetyKey::CannotFlexTo90);

        return $bends
            && $this->knee->is(Fact::WalksFreely)
            && $this->knee->is(Fact::LandmarksSound)
            && $this->fluid->isNegative();
    }
}

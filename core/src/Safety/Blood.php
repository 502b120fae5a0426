<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\FluidDrawn;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SwellingOnset;

/**
 * Whether the fluid in an injured knee may be blood: told by how fast it came, or by how much there is.
 * Working estimates.
 *
 * @internal
 */
final readonly class Blood
{
    /** Fluid that is there so soon after the injury is blood rather than a joint's own. */
    private const SOON_HOURS = 4.0;

    /** Grade from which fluid alone makes blood likely, unless it came slowly. */
    private const MUCH = 2.0;

    private const TOLD_DAYS = 42;

    private const BY_GRADE_DAYS = 21;

    /**
     * @param  bool  $bySwelling  it swelled within two hours, or blood was drawn, and fluid is there or was not felt for
     * @param  bool  $byGrade  much fluid, and nobody says that it came slowly
     */
    private function __construct(private KneeExamination $examination, public bool $bySwelling, public bool $byGrade)
    {
    }

    public static function in(KneeExamination $examination, FluidSigns $fluid): self
    {
        $injured = $examination->isAfterInjury();
        $onset = $examination->history->swellingOnset;
        $grade = $fluid->grade() ?? 0.0;
        $hours = $examination->hoursSinceInjury;
        $there = $fluid->isPositive() || ! $fluid->wasTried();
        $drawn = \in_array($examination->episode->fluidDrawn, [FluidDrawn::Blood, FluidDrawn::BloodAndFat], true);
        $bySwelling = ($onset === SwellingOnset::WithinTwoHours && $there)
            || ($grade >= 1 && $hours !== null && $hours <= self::SOON_HOURS)
            || ($drawn && $there);
        $byGrade = $grade >= self::MUCH && ($onset === null || $onset === SwellingOnset::WithinTwoHours);

        return new self($examination, $injured && $bySwelling, $injured && $byGrade);
    }

    /** At any day after the injury, while the fluid is there. */
    public function isSuspected(): bool
    {
        return $this->bySwelling || $this->byGrade;
    }

    /** Soon enough after the injury to call it likely. */
    public function isLikely(): bool
    {
        return ($this->bySwelling && $this->examination->injuredWithin(self::TOLD_DAYS))
            || ($this->byGrade && $this->examination->injuredWithin(self::BY_GRADE_DAYS));
    }

    /** How soon it is imaged; sooner under 16 and from 55 on. Null: no blood is suspected. */
    public function urgency(UrgencySteps $steps): ?Urgency
    {
        $atRiskAge = $this->examination->isChild() || $this->examination->isOfXrayAge();
        $day = $this->examination->daysSinceInjury ?? 0;
        $found = array_filter([
            $this->bySwelling
                ? $steps->on($atRiskAge ? FadingFinding::BloodToldAtRiskAge : FadingFinding::BloodTold, $day)
                : null,
            $this->byGrade
                ? $steps->on($atRiskAge ? FadingFinding::BloodByGradeAtRiskAge : FadingFinding::BloodByGrade, $day)
                : null,
        ]);
        usort($found, static fn (Urgency $a, Urgency $b): int => $a->rank() <=> $b->rank());

        return $found[0] ?? null;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Standing;

/** All that is known of one knee when conclusions are drawn. */
final class Bearings
{
    public readonly HurtKnee $knee;

    /**
     * @param  list<ConditionVerdict>  $verdicts  one for each condition, in their order
     */
    public function __construct(
        public readonly Examination $examination,
        public readonly SafetyGate $gate,
        public readonly Grading $grading,
        public readonly Standing $standing,
        public readonly array $verdicts,
    ) {
        $this->knee = new HurtKnee($examination);
    }

    public function of(Condition $condition): ConditionVerdict
    {
        return $this->verdicts[(int) array_search($condition, Condition::cases(), true)];
    }

    /** Whether any of these conditions has reached the point of acting. */
    public function atAct(Condition ...$conditions): bool
    {
        return $this->countAtAct(...$conditions) > 0;
    }

    public function countAtAct(Condition ...$conditions): int
    {
        return count(array_filter($conditions, fn (Condition $condition): bool => $this->of($condition)->zone === ConditionZone::Act));
    }

    public function grade(Condition $condition): int
    {
        return $this->of($condition)->grade ?? 0;
    }

    public function positive(string ...$findings): bool
    {
        return array_filter($findings, fn (string $finding): bool => $this->standing->counted($finding) === Sign::Positive) !== [];
    }

    public function raised(Rule ...$rules): bool
    {
        return array_filter($this->gate->lines, static fn ($line): bool => in_array($line->rule, $rules, true)) !== [];
    }

    public function hasFluid(): bool
    {
        return $this->grading->effusion?->sign === Sign::Positive;
    }

    public function isFresh(): bool
    {
        return $this->examination->phase() === Phase::Acute;
    }

    public function isMinor(): bool
    {
        return $this->examination->ageYears !== null && $this->examination->ageYears < 18;
    }
}

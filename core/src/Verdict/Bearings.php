<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Holds;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Standing\Settled;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Inference\States\Belief;

/**
 * All that is known of one knee when conclusions are drawn.
 *
 * @internal
 */
final readonly class Bearings
{
    public HurtKnee $knee;

    public SignBook $signs;

    /**
     * @param  list<ConditionVerdict>  $verdicts  one for each condition, in their order
     * @param  list<Consideration>  $also
     * @param  list<string>  $disagree  condition ids whose like tests disagree
     */
    public function __construct(
        public Examination $examination,
        public SafetyGate $gate,
        public Holds $holds,
        public Grading $grading,
        public Standing $standing,
        public Settled $settled,
        public array $verdicts,
        public Loose $loose,
        public FrontGate $front,
        public array $also,
        public array $disagree,
        public Belief $belief,
        public bool $bloodLikely,
        public Catalogue $catalogue,
    ) {
        $this->knee = new HurtKnee($examination);
        $this->signs = $standing->signs;
    }

    /** What a manoeuvre is called. */
    public function cardName(string $manoeuvre): string
    {
        return $this->catalogue->get($manoeuvre)->card->name;
    }

    public function of(Condition $condition): ConditionVerdict
    {
        return $this->verdicts[$condition->position()];
    }

    /** Chance after all results, in (0, 1). */
    public function chance(Condition $condition): float
    {
        return $this->of($condition)->chance->posttest;
    }

    /** Whether any of these conditions has reached the point of acting. */
    public function atAct(Condition ...$conditions): bool
    {
        foreach ($conditions as $condition) {
            if ($this->of($condition)->isAtAct()) {
                return true;
            }
        }

        return false;
    }

    /** 0 where nothing was graded. */
    public function grade(Condition $condition): int
    {
        return $this->of($condition)->grade ?? 0;
    }

    public function positive(string ...$signs): bool
    {
        return $this->standing->isPositive(...$signs);
    }

    public function raised(Rule ...$rules): bool
    {
        return $this->gate->raised(...$rules);
    }

    public function hasFluid(): bool
    {
        return $this->grading->effusion?->outcome === Outcome::Positive;
    }

    /** 0 where fluid was not graded. */
    public function fluidGrade(): float
    {
        return $this->grading->effusion->grade ?? 0.0;
    }

    public function isAfterInjury(): bool
    {
        return $this->examination->isAfterInjury();
    }

    /**
     * A look at knees that nobody complains of, in which nothing was found: base rates are of knees that somebody
     * complains of, so no chance follows from it, and no plan.
     */
    public function isSoundBaseline(): bool
    {
        if (! $this->examination->route->isBaseline() || $this->gate->lines !== [] || $this->also !== []
            || $this->hasFluid() || $this->knee->is(Fact::Limps)) {
            return false;
        }
        foreach ($this->standing->results as $result) {
            if ($result->isHandsOn() && $result->reading->outcome === Outcome::Positive) {
                return false;
            }
        }

        return true;
    }

    /** P(at least one meniscus torn), in [0, 1]. */
    public function anyMeniscus(): float
    {
        $medial = Condition::MedialMeniscus->position();
        $lateral = Condition::LateralMeniscus->position();

        return \min(
            1.0,
            $this->belief->joint($medial, [$medial]) + $this->belief->joint(
                $lateral,
                [$lateral],
            ) - $this->belief->joint($medial, [$lateral]),
        );
    }
}

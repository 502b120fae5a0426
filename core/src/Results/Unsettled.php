<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Holds;

/**
 * Which conditions may look otherwise on another day, since an own test could not tell today.
 * Limits are working estimates.
 *
 * @internal
 */
final readonly class Unsettled
{
    private const SPOILING = [NotDone::Pain, NotDone::NotSafe, NotDone::Position];

    /** Share of the rule-out threshold from which a void test matters though another one counts. */
    private const MATTERS_FROM = 0.5;

    /**
     * @param  array<string, true>  $void  by condition
     * @param  array<string, true>  $early  by condition
     * @param  array<string, true>  $contradicted  by condition: its laxity came out both ways
     * @param  list<string>  $outOfReach  core manoeuvres that this knee cannot be brought to today
     */
    private function __construct(
        private SettledResults $results,
        private array $void,
        private array $early,
        private array $contradicted,
        public array $outOfReach,
    ) {
    }

    public static function of(
        KneeExamination $examination,
        Grading $grading,
        SettledResults $results,
        Holds $holds,
        Catalogue $catalogue,
    ): self {
        $void = $early = $outOfReach = [];
        $hidden = Hidden::at($examination, $grading);
        foreach ($results->results as $result) {
            $of = $results->signs->ownTestOf($result->reading->sign)?->value;
            if ($of === null) {
                continue;
            }
            if ($result->exclusion?->isVoid() === true && ! self::isOnlySoreness($result, $results)) {
                $void[$of] = true;
            }
            if ($result->isCarried() ? $result->wasHidden : $hidden->mayHide($result)) {
                $early[$of] = true;
            }
        }
        $feasibility = new Feasibility($examination, $grading);
        $core = array_map(
            static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id,
            CoreSet::of($examination, $catalogue),
        );
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            $open = \in_array($manoeuvre->id, $core, true) && ! CoreSet::isDone($manoeuvre, $examination);
            $held = $open && $holds->for($manoeuvre->id)?->rule !== null;
            if ($open && ! $held && ! $feasibility->allows($manoeuvre)) {
                $outOfReach[] = $manoeuvre->id;
            }
            if (
                $held
                || \in_array($manoeuvre->id, $outOfReach, true)
                || \in_array($examination->leftOut($manoeuvre->id), self::SPOILING, true)
            ) {
                foreach ($manoeuvre->feeds as $sign) {
                    $of = $results->signs->ownTestOf($sign);
                    $void += $of === null ? [] : [$of->value => true];
                }
            }
        }

        $contradicted = [];
        foreach ($results->contradictions() as $contradiction) {
            $of = $results->signs->ownTestOf($contradiction->sign());
            $contradicted += $of === null ? [] : [$of->value => true];
        }

        return new self($results, $void, $early, $contradicted, $outOfReach);
    }

    /**
     * @param  float  $chance  after all results, in (0, 1)
     * @param  float  $ruleOut  threshold of the condition
     */
    public function isUnsettled(Condition $condition, float $chance, float $ruleOut): bool
    {
        $void = isset($this->void[$condition->value]);
        if (isset($this->contradicted[$condition->value]) || ($void && ! $this->results->isTested($condition))) {
            return true;
        }

        return ($void || isset($this->early[$condition->value])) && $chance >= self::MATTERS_FROM * $ruleOut;
    }

    public function isVoid(Condition $condition): bool
    {
        return isset($this->void[$condition->value]);
    }

    /** Soreness of the inner side that has gone says nothing of a sprain that a stress test has judged, or will. */
    private static function isOnlySoreness(SettledResult $result, SettledResults $results): bool
    {
        return $result->exclusion === Exclusion::TooLate
            && \in_array($result->reading->sign, $results->signs->sorenessOf(Condition::Mcl), true);
    }
}

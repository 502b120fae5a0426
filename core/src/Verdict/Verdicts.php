<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Results\Unsettled;
use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Readings\Weighed;

/**
 * What is said of each condition.
 *
 * @internal
 */
final class Verdicts
{
    /** The story must at least double the odds of the base rate to raise a condition. Working estimate. */
    private const RAISING_ODDS = 2.0;

    /**
     * @param  list<float>  $afterStory  chances with the history only
     * @return list<ConditionVerdict> one for each condition, in their order
     */
    public static function of(
        KneeExamination $examination,
        SettledResults $results,
        Unsettled $settled,
        FrontGate $front,
        Weighed $weighed,
        array $afterStory,
    ): array {
        $zones = new Zones($examination, $results, $front);
        $verdicts = [];
        foreach (Condition::cases() as $k => $condition) {
            $chance = $weighed->conditions[$k];
            $weighing = $weighed->problem->conditions[$k];
            $known = $examination->known->confirming($condition) ?? $examination->known->look($condition);
            $unsettled = $known === null
                && $settled->isUnsettled($condition, $chance->posttest, $weighing->thresholds->ruleOut);
            $raised = Logit::of($afterStory[$k]) - Logit::of($chance->pretest) >= \log(self::RAISING_ODDS)
                && $afterStory[$k] >= $weighing->thresholds->ruleOut;
            $verdicts[] = new ConditionVerdict(
                $condition,
                $chance,
                $afterStory[$k],
                $weighing->thresholds,
                $weighing->weight,
                $zones->of($condition, $chance, $weighing->thresholds, $unsettled),
                $results->isTested($condition),
                $unsettled,
                $raised,
                LigamentGrades::of($condition, $results->ofTheKneeNow, $chance->posttest),
                $known,
            );
        }

        return $verdicts;
    }
}

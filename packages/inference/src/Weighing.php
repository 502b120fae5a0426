<?php

declare(strict_types=1);

namespace GrayCompass\Inference;

use GrayCompass\Inference\Doubt\Interval;
use GrayCompass\Inference\Echo\GroupLikelihood;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Readings\Outlook;
use GrayCompass\Inference\Readings\Picture;
use GrayCompass\Inference\Readings\PlainReadings;
use GrayCompass\Inference\Readings\Weighed;
use GrayCompass\Inference\Readings\WeighedChance;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\Factor;

/**
 * Base rates and results in, chances out: exact over all combinations of injuries.
 * The method is told in docs/method.md; each step is a class of its own beside this one.
 */
final class Weighing
{
    /**
     * @param  Belief|null  $before  what the same conditions and associations make of it before any result, where that is
     *     known already
     */
    public static function of(Problem $problem, ?Belief $before = null): Weighed
    {
        $groups = $factors = [];
        foreach ($problem->groups as $group) {
            $groups[] = $likelihood = new GroupLikelihood($group);
            $factors[] = $likelihood->factor;
        }
        $before ??= Belief::before($problem);
        $after = $before->with($factors);
        $after->foresee(self::masks($problem));
        $logOdds = $now = [];
        foreach ($problem->conditions as $k => $_) {
            $logOdds[] = $odds = $after->logOdds($k);
            $now[] = Logit::chance($odds);
        }
        $outlook = new Outlook($problem, $after, $groups, $now);
        $nextTests = $outlook->ranked();
        $variances = Interval::variances($problem, $after, $groups);
        $plain = PlainReadings::of($problem);
        $conditions = [];
        foreach ($problem->conditions as $k => $condition) {
            $reach = Logit::Z95 * \sqrt($variances[$k]);
            $conditions[] = new WeighedChance(
                $condition->id,
                $condition->pretest,
                $now[$k],
                [Logit::chance($logOdds[$k] - $reach), Logit::chance($logOdds[$k] + $reach)],
                $plain->textbook[$k],
                $plain->strongest[$k],
                $condition->thresholds->zone($now[$k]),
                $outlook->further($k, $nextTests),
            );
        }

        return new Weighed($problem, $before, $after, $conditions, Picture::likeliest($after), $nextTests);
    }

    /**
     * What is believed after all results, and nothing more: no doubt, no outlook.
     *
     * @param  Belief|null  $before  what the same conditions and associations make of it before any result, where that is
     *     known already
     */
    public static function belief(Problem $problem, ?Belief $before = null): Belief
    {
        return ($before ?? Belief::before($problem))->with(array_map(
            static fn (Group $group): Factor => (new GroupLikelihood($group))->factor,
            $problem->groups,
        ));
    }

    /**
     * The sets of conditions that candidates, and results with several targets, speak of.
     *
     * @return list<int>
     */
    private static function masks(Problem $problem): array
    {
        $masks = [];
        foreach ($problem->groups as $group) {
            foreach ($group->results as $result) {
                if (\count($result->finding->rows) > 1) {
                    $masks[$result->finding->mask] = true;
                }
            }
        }
        foreach ($problem->candidates as $candidate) {
            $masks[$candidate->finding->mask] = true;
        }

        return array_keys($masks);
    }
}

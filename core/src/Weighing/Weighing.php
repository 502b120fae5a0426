<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/**
 * Base rates and results in, chances out: exact over all combinations of injuries.
 * The method is told in docs/method.md; each step is a class of its own beside this one.
 */
final class Weighing
{
    public static function of(Problem $problem): Weighed
    {
        $groups = array_map(static fn (Group $group): GroupLikelihood => new GroupLikelihood($group), $problem->groups);
        $before = Belief::before($problem);
        $after = $before->with(array_map(static fn (GroupLikelihood $group): Factor => $group->factor, $groups));
        $after->foresee(self::masks($problem));
        $logOdds = array_map($after->logOdds(...), array_keys($problem->conditions));
        $now = array_map(Logit::chance(...), $logOdds);
        $outlook = new Outlook($problem, $after, $groups, $now);
        $nextTests = $outlook->ranked();
        $variances = Interval::variances($problem, $after, $groups);
        $results = array_merge(...array_map(static fn (Group $group): array => $group->results, $problem->groups));
        $conditions = [];
        foreach ($problem->conditions as $k => $condition) {
            $reach = Logit::Z95 * sqrt($variances[$k]);
            $conditions[] = new WeighedChance(
                $condition->id,
                $condition->pretest,
                $now[$k],
                [Logit::chance($logOdds[$k] - $reach), Logit::chance($logOdds[$k] + $reach)],
                PlainReadings::textbook($condition, $k, $results),
                PlainReadings::strongest($condition, $k, $results),
                $condition->thresholds->zone($now[$k]),
                $outlook->further($k, $nextTests),
            );
        }

        return new Weighed($problem, $before, $after, $conditions, Picture::likeliest($after), $nextTests);
    }

    /**
     * The sets of conditions that results and candidates speak of.
     *
     * @return list<int>
     */
    private static function masks(Problem $problem): array
    {
        $masks = [];
        foreach ($problem->groups as $group) {
            foreach ($group->results as $result) {
                $masks[$result->finding->mask] = true;
            }
        }
        foreach ($problem->candidates as $candidate) {
            $masks[$candidate->finding->mask] = true;
        }

        return array_keys($masks);
    }
}

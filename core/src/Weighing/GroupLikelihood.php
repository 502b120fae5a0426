<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

use function array_map;
use function log;

/** What all results of one group say together, over the states of the group's own targets only. */
final class GroupLikelihood
{
    /** @var list<Link> positives in order, then negatives in order */
    public readonly array $links;

    /** The likelihood as a factor on states. */
    public readonly Factor $factor;

    /** @var array<string, EchoRanking> by outcome */
    private readonly array $rankings;

    public function __construct(public readonly Group $group)
    {
        $rankings = [];
        foreach (Outcome::cases() as $outcome) {
            $rankings[$outcome->value] = EchoRanking::of($group->results, $outcome, $group->echo);
        }
        $this->rankings = $rankings;
        $this->links = [...$rankings['positive']->links, ...$rankings['negative']->links];
        $this->factor = Factor::product(array_map(
            static fn (Link $link): Factor => new Factor($link->result->finding->mask, array_map(log(...), $link->contribution())),
            $this->links,
        ));
    }

    /**
     * How the likelihood would change if these findings had come out so too: only links that are new,
     * or that lose their place to a newcomer, differ.
     *
     * @param  list<Finding>  $findings
     */
    public function changeBy(array $findings, Outcome $outcome): Factor
    {
        $old = [];
        foreach ($this->rankings[$outcome->value]->links as $link) {
            $old[$link->result->finding->id] = $link;
        }
        $newcomers = array_map(fn (Finding $finding): Ranked => new Ranked(new Result($finding, $outcome), $this->group->echo), $findings);
        $changes = [];
        foreach ($this->rankings[$outcome->value]->with($newcomers)->links as $link) {
            $before = $old[$link->result->finding->id] ?? null;
            if ($before !== null && $before->leads === $link->leads && $before->shared === $link->shared) {
                continue;
            }
            $log = array_map(log(...), $link->contribution());
            foreach ($before?->contribution() ?? [] as $state => $chance) {
                $log[$state] -= log($chance);
            }
            $changes[] = new Factor($link->result->finding->mask, $log);
        }

        return Factor::product($changes);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

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
     * How the likelihood would change if these findings had come out so too.
     *
     * @param  list<Finding>  $findings
     */
    public function changeBy(array $findings, Outcome $outcome): Factor
    {
        $ranking = $this->rankings[$outcome->value];

        return $ranking->changeTo($ranking->with(array_map(
            fn (Finding $finding): Ranked => new Ranked(new Result($finding, $outcome), $this->group->echo),
            $findings,
        )));
    }
}

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

    private readonly EchoRanking $positives;

    private readonly EchoRanking $negatives;

    public function __construct(public readonly Group $group)
    {
        $positives = $negatives = [];
        foreach ($group->results as $result) {
            if ($result->outcome === Outcome::Positive) {
                $positives[] = $result;
            } else {
                $negatives[] = $result;
            }
        }
        $this->positives = EchoRanking::of($positives, $group->echo);
        $this->negatives = EchoRanking::of($negatives, $group->echo);
        $this->links = [...$this->positives->links, ...$this->negatives->links];
        $factors = [];
        foreach ($this->links as $link) {
            $factors[] = $link->factor();
        }
        $this->factor = Factor::product($factors);
    }

    /**
     * How the likelihood would change if these findings had come out so too.
     *
     * @param  list<Finding>  $findings
     */
    public function changeBy(array $findings, Outcome $outcome): Factor
    {
        $ranking = $outcome === Outcome::Positive ? $this->positives : $this->negatives;

        return $ranking->changeTo($ranking->with(array_map(
            static fn (Finding $finding): Result => new Result($finding, $outcome),
            $findings,
        )));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Echo;

use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\States\Factor;

/**
 * What all results of one group say together, over the states of the group's own targets only.
 *
 * @internal
 */
final readonly class GroupLikelihood
{
    /** @var list<Link> positives in order, then negatives in order */
    public array $links;

    /** The likelihood as a factor on states. */
    public Factor $factor;

    private EchoRanking $positives;

    private EchoRanking $negatives;

    public function __construct(public Group $group)
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

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** All that one weighing needs: the very content of a `weigh:combine` input. */
final class Problem
{
    /**
     * @param  list<WeighedCondition>  $conditions
     * @param  list<Association>  $associations
     * @param  list<Group>  $groups
     * @param  list<Candidate>  $candidates
     */
    public function __construct(
        public readonly array $conditions,
        public readonly array $associations,
        public readonly array $groups,
        public readonly array $candidates,
    ) {
    }

    /**
     * Conditions for which one group holds both a positive and a negative result.
     *
     * @param  callable(Finding): bool  $among  whose results are compared
     * @return list<string> condition ids, in order
     */
    public function disagreements(callable $among): array
    {
        $found = [];
        foreach ($this->groups as $group) {
            $spoken = ['positive' => 0, 'negative' => 0];
            foreach (array_filter($group->results, static fn (Result $result): bool => $among($result->finding)) as $result) {
                $spoken[$result->outcome->value] |= $result->finding->mask;
            }
            foreach (StateSet::members($spoken['positive'] & $spoken['negative']) as $position) {
                $found[$position] = $this->conditions[$position]->id;
            }
        }
        ksort($found);

        return array_values($found);
    }
}

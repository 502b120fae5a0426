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
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/** All that one weighing needs: the very content of a `weigh:combine` input. */
final readonly class Problem
{
    /**
     * @param  list<WeighedCondition>  $conditions
     * @param  list<Association>  $associations
     * @param  list<Group>  $groups
     * @param  list<Candidate>  $candidates
     */
    public function __construct(
        public array $conditions,
        public array $associations,
        public array $groups,
        public array $candidates,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

use GrayCompass\Core\Findings\HurtKnee;

/**
 * What a condition looks at.
 *
 * @internal
 */
final readonly class Seen
{
    /**
     * @param  Results|null  $results  null: before any result stands
     */
    public function __construct(public HurtKnee $knee, public ?Results $results = null)
    {
    }

    public function is(Condition|Fact $condition): bool
    {
        if ($condition instanceof Fact) {
            $condition = $this->knee->examination->facts->condition($condition->value);
        }

        return $condition->since($this) !== null;
    }
}

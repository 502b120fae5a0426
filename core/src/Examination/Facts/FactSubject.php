<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use GrayCompass\Core\Examination\HurtKnee;

/**
 * What a condition looks at.
 *
 * @internal
 */
final readonly class FactSubject
{
    /**
     * @param  CountedResults|null  $results  null: before any result stands
     */
    public function __construct(public HurtKnee $knee, public ?CountedResults $results = null)
    {
    }

    public function is(FactCondition|Fact $condition): bool
    {
        if ($condition instanceof Fact) {
            $condition = $this->knee->examination->facts->condition($condition->value);
        }

        return $condition->since($this) !== null;
    }
}

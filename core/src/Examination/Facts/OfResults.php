<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use Closure;

/**
 * A sign that counts, by its outcome; never so before results stand.
 *
 * @internal
 */
final readonly class OfResults implements FactCondition
{
    /**
     * @param  Closure(CountedResults): bool  $test
     */
    public function __construct(private Closure $test)
    {
    }

    public function since(FactSubject $seen): ?int
    {
        return $seen->results !== null && ($this->test)($seen->results) ? -1 : null;
    }
}

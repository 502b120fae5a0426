<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

use Closure;

/**
 * A sign that counts, by its outcome; never so before results stand.
 *
 * @internal
 */
final readonly class OfResults implements Condition
{
    /**
     * @param  Closure(Results): bool  $test
     */
    public function __construct(private Closure $test)
    {
    }

    public function since(Seen $seen): ?int
    {
        return $seen->results !== null && ($this->test)($seen->results) ? -1 : null;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

/**
 * So as long as its part is not; no finding is needed for that.
 *
 * @internal
 */
final readonly class Not implements Condition
{
    public function __construct(private Condition $part)
    {
    }

    public function since(Seen $seen): ?int
    {
        return $this->part->since($seen) === null ? -1 : null;
    }
}

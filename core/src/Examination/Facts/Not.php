<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * So as long as its part is not; no finding is needed for that.
 *
 * @internal
 */
final readonly class Not implements FactCondition
{
    public function __construct(private FactCondition $part)
    {
    }

    public function since(FactSubject $seen): ?int
    {
        return $this->part->since($seen) === null ? -1 : null;
    }
}

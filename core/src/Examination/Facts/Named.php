<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * A fact that has a name of its own in data/facts.json.
 *
 * @internal
 */
final readonly class Named implements FactCondition
{
    public function __construct(private string $fact)
    {
    }

    public function since(FactSubject $seen): ?int
    {
        return $seen->knee->examination->facts->condition($this->fact)->since($seen);
    }
}

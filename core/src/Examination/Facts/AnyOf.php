<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * So once the first of its parts is.
 *
 * @internal
 */
final readonly class AnyOf implements FactCondition
{
    /**
     * @param  list<FactCondition>  $parts
     */
    public function __construct(private array $parts)
    {
    }

    public function since(FactSubject $seen): ?int
    {
        $first = null;
        foreach ($this->parts as $part) {
            $since = $part->since($seen);
            if ($since !== null) {
                $first = $first === null ? $since : \min($first, $since);
            }
        }

        return $first;
    }
}

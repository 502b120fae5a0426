<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

/**
 * So once the first of its parts is.
 *
 * @internal
 */
final readonly class AnyOf implements Condition
{
    /**
     * @param  list<Condition>  $parts
     */
    public function __construct(private array $parts)
    {
    }

    public function since(Seen $seen): ?int
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

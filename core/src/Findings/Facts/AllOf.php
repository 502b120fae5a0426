<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

/**
 * So once the last of its parts is.
 *
 * @internal
 */
final readonly class AllOf implements Condition
{
    /**
     * @param  list<Condition>  $parts
     */
    public function __construct(private array $parts)
    {
    }

    public function since(Seen $seen): ?int
    {
        $last = -1;
        foreach ($this->parts as $part) {
            $since = $part->since($seen);
            if ($since === null) {
                return null;
            }
            $last = \max($last, $since);
        }

        return $last;
    }
}

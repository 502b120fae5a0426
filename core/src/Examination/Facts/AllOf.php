<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * So once the last of its parts is.
 *
 * @internal
 */
final readonly class AllOf implements FactCondition
{
    /**
     * @param  list<FactCondition>  $parts
     */
    public function __construct(private array $parts)
    {
    }

    public function since(FactSubject $seen): ?int
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

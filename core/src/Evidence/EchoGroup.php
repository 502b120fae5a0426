<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

/**
 * Findings that may only echo each other.
 *
 * @internal
 */
final readonly class EchoGroup
{
    /**
     * @param  float  $echo  in [0, 1)
     * @param  list<string>  $findings
     */
    public function __construct(
        public string $id,
        public float $echo,
        public array $findings,
    ) {
    }
}

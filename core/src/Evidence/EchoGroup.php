<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

/** Findings that may only echo each other. */
final class EchoGroup
{
    /**
     * @param  float  $echo  in [0, 1)
     * @param  list<string>  $findings
     */
    public function __construct(
        public readonly string $id,
        public readonly float $echo,
        public readonly array $findings,
    ) {
    }
}

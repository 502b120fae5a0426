<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** Results that may only echo each other: same structure, same hands, same pain. */
final class Group
{
    /**
     * @param  float  $echo  share of a further agreeing result that is taken as echo, in [0, 1)
     * @param  list<Result>  $results
     */
    public function __construct(
        public readonly string $id,
        public readonly float $echo,
        public readonly array $results,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * Results that may only echo each other: same structure, same hands, same pain.
 *
 * @internal
 */
final readonly class Group
{
    /**
     * @param  float  $echo  share of a further agreeing result that is taken as echo, in [0, 1)
     * @param  list<Result>  $results
     */
    public function __construct(
        public string $id,
        public float $echo,
        public array $results,
    ) {
    }
}

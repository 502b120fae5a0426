<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** The outcome of one weighing. */
final class Weighed
{
    /**
     * @param  Belief  $before  base rates and associations alone
     * @param  Belief  $after  with all results
     * @param  list<WeighedChance>  $conditions  in the order of the problem
     * @param  list<Picture>  $pictures  at most five, likeliest first
     * @param  list<NextTest>  $nextTests  most useful minute first
     */
    public function __construct(
        public readonly Problem $problem,
        public readonly Belief $before,
        public readonly Belief $after,
        public readonly array $conditions,
        public readonly array $pictures,
        public readonly array $nextTests,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\States\Belief;

/** The outcome of one weighing. */
final readonly class Weighed
{
    /**
     * @param  Belief  $before  base rates and associations alone
     * @param  Belief  $after  with all results
     * @param  list<WeighedChance>  $conditions  in the order of the problem
     * @param  list<Picture>  $pictures  at most five, likeliest first
     * @param  list<NextTest>  $nextTests  most useful minute first
     */
    public function __construct(
        public Problem $problem,
        public Belief $before,
        public Belief $after,
        public array $conditions,
        public array $pictures,
        public array $nextTests,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Model\Result;

/**
 * How one result moved one condition, with all earlier results already weighed.
 *
 * @internal
 */
final readonly class Step
{
    /**
     * @param  int  $condition  position in the problem
     * @param  float  $publishedLr  likelihood ratio of the row alone
     * @param  float  $appliedLr  odds after over odds before
     * @param  float|null  $echoShare  part of the published weight taken as echo; null where several injuries
     *                                  share the finding, or the row says nothing
     */
    public function __construct(
        public int $condition,
        public Result $result,
        public float $before,
        public float $after,
        public float $publishedLr,
        public float $appliedLr,
        public ?float $echoShare,
    ) {
    }
}

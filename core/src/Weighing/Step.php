<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** How one result moved one condition, with all earlier results already weighed. */
final class Step
{
    /**
     * @param  int  $condition  position in the problem
     * @param  float  $publishedLr  likelihood ratio of the row alone
     * @param  float  $appliedLr  odds after over odds before
     * @param  float|null  $echoShare  part of the published weight taken as echo; null where several injuries
     *                                  share the finding, or the row says nothing
     */
    public function __construct(
        public readonly int $condition,
        public readonly Result $result,
        public readonly float $before,
        public readonly float $after,
        public readonly float $publishedLr,
        public readonly float $appliedLr,
        public readonly ?float $echoShare,
    ) {
    }
}

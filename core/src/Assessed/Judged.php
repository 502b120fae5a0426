<?php

declare(strict_types=1);

namespace GrayCompass\Core\Assessed;

use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Inference\Readings\Trail;
use GrayCompass\Inference\Readings\Weighed;

/**
 * A knee with its verdicts, before any plan is made.
 *
 * @internal
 */
final readonly class Judged
{
    public function __construct(
        public Bearings $bearings,
        public SettledResults $results,
        public Weighed $weighed,
        public Trail $trail,
    ) {
    }
}

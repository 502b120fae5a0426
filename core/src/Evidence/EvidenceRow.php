<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;

/** One published or estimated line of figures: how a finding speaks of a condition. */
final class EvidenceRow
{
    /**
     * @param  Phase|null  $phase  null: for fresh and old injuries alike
     * @param  array{float, float}  $sensitivityInterval  95 %
     * @param  array{float, float}  $specificityInterval  95 %
     * @param  string  $set  cautious, first_reports or own
     * @param  string|null  $checked  who compared the row with the paper, and when; null: nobody yet
     */
    public function __construct(
        public readonly string $finding,
        public readonly Condition $target,
        public readonly ?Phase $phase,
        public readonly float $sensitivity,
        public readonly array $sensitivityInterval,
        public readonly float $specificity,
        public readonly array $specificityInterval,
        public readonly string $set,
        public readonly Quality $quality,
        public readonly string $source,
        public readonly string $note = '',
        public readonly ?string $checked = null,
    ) {
    }
}

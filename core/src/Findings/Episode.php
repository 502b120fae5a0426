<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** Free facts about this injury and this athlete. */
final class Episode
{
    public const TEXTS = ['sport', 'level', 'whatHappened', 'earlierInjury', 'goals', 'medication'];

    public function __construct(
        public readonly string $sport,
        public readonly string $level,
        public readonly string $whatHappened,
        public readonly string $earlierInjury,
        public readonly string $goals,
        public readonly string $medication,
        public readonly bool $bleedingRisk,
    ) {
    }
}

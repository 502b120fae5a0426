<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/**
 * Facts about this injury and this athlete.
 *
 * @internal
 */
final readonly class Episode
{
    public const TEXTS = ['sport', 'level', 'whatHappened', 'earlierInjury', 'goals', 'medication'];

    public const FACTS = ['bleedingRisk', 'fluidDrawn', 'injectionWeeksAgo', 'operated'];

    /**
     * @param  int<0, max>|null  $injectionWeeksAgo  0–52, into this knee; null: none known
     */
    public function __construct(
        public string $sport = '',
        public string $level = '',
        public string $whatHappened = '',
        public string $earlierInjury = '',
        public string $goals = '',
        public string $medication = '',
        public bool $bleedingRisk = false,
        public ?FluidDrawn $fluidDrawn = null,
        public ?int $injectionWeeksAgo = null,
        public ?Operation $operated = null,
    ) {
    }
}

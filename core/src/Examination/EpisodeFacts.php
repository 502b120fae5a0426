<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * Facts about this injury and this athlete.
 *
 * @internal
 */
final readonly class EpisodeFacts
{
    public const TEXTS = ['sport', 'level', 'whatHappened', 'earlierInjury', 'goals', 'medication'];

    public const FACTS = [
        'bleedingRisk', 'fluidDrawn', 'fluidDrawnDaysAgo', 'injectionWeeksAgo', 'operated', 'implant', 'surgeonSaid',
    ];

    /** Weeks after a needle for which a warm, swollen joint is taken for infected. Working estimate. */
    private const AFTER_NEEDLE_WEEKS = 12;

    /**
     * @param  int<0, max>|null  $fluidDrawnDaysAgo  0–3650; null: not said
     * @param  int<0, max>|null  $injectionWeeksAgo  0–52, into this knee; null: none known
     * @param  SurgeonsWord|null  $surgeonSaid  the newest; null: none on record
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
        public ?int $fluidDrawnDaysAgo = null,
        public Implant $implant = Implant::None,
        public ?SurgeonsWord $surgeonSaid = null,
    ) {
    }

    /** A needle was in this joint long enough ago, and not too long, for an infection to have followed it. */
    public function hadNeedle(): bool
    {
        $drawn = $this->fluidDrawn !== null
            && $this->fluidDrawn !== FluidDrawn::None
            && ($this->fluidDrawnDaysAgo ?? 1) >= 1;

        return $drawn || ($this->injectionWeeksAgo ?? PHP_INT_MAX) <= self::AFTER_NEEDLE_WEEKS;
    }
}

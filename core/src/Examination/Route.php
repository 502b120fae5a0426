<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Knee\Condition;

/**
 * An order of manoeuvres that may be chosen, as data/routes.json holds it.
 */
final readonly class Route
{
    /**
     * @param  string  $says  what it is for, in a few words
     * @param  list<Condition>  $at  what it is aimed at, where it is
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $says,
        public RouteKind $takes,
        public array $at = [],
    ) {
    }

    public function isBaseline(): bool
    {
        return $this->takes === RouteKind::Baseline;
    }

    /** Whether it takes what an earlier examination left open. */
    public function looksAgain(): bool
    {
        return $this->takes === RouteKind::OpenBefore;
    }

    public function isTouchline(): bool
    {
        return $this->takes === RouteKind::Touchline;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Examination\EarlierVisit;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;

/**
 * A reading with the verdict on whether it moves a chance.
 *
 * @internal
 */
final readonly class SettledResult
{
    /** Days since the injury in which a laxity test may be negative because the muscles hold. Working estimate. */
    private const FIRST_DAYS = 2;

    /**
     * @param  Exclusion|null  $exclusion  why it moves nothing; null for one that counts, or is equivocal
     * @param  EarlierVisit|null  $visit  at which it was found; null: today, or told in the history
     * @param  bool  $wasHidden  a negative of that visit that guarding, swelling or a stiff knee may have hidden
     */
    public function __construct(
        public Reading $reading,
        public ?Exclusion $exclusion,
        public ?EarlierVisit $visit = null,
        public bool $wasHidden = false,
    ) {
    }

    /** The same, seen from a later visit. */
    public function carriedFrom(EarlierVisit $visit, bool $wasHidden): self
    {
        return new self($this->reading, $this->exclusion, $visit, $wasHidden);
    }

    /** Today's result, counting no more. */
    public function without(Exclusion $why): self
    {
        return new self($this->reading, $why);
    }

    public function isCarried(): bool
    {
        return $this->visit !== null;
    }

    /** What it is called on the scales: the sign, and the day of a visit before today's. */
    public function weighedAs(): string
    {
        return $this->reading->sign.($this->visit === null ? '' : "@{$this->visit->key()}");
    }

    /** Found at an earlier visit, on day 0 to 2 after the injury. */
    public function isOfTheFirstDays(): bool
    {
        $then = $this->visit?->examination();

        return $then?->injuredWithin(self::FIRST_DAYS) === true && ! $then->dayIsMissing;
    }

    public function counts(): bool
    {
        return $this->exclusion === null && $this->reading->outcome !== Outcome::Equivocal;
    }

    public function isPositive(): bool
    {
        return $this->counts() && $this->reading->outcome === Outcome::Positive;
    }

    public function isNegative(): bool
    {
        return $this->counts() && $this->reading->outcome === Outcome::Negative;
    }

    public function isHandsOn(): bool
    {
        return $this->reading->record !== null;
    }
}

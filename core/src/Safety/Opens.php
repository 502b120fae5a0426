<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * What a rule leaves open: only the families named, or all but them, and what a manoeuvre's own entry says of the rule
 * (`openUnder`, `closedUnder`). Pulse, sensation, ankle lift and inspection stay open under every rule.
 *
 * @internal
 */
final readonly class Opens
{
    /**
     * @param  list<Family>  $families
     * @param  int<1, 5>|null  $provocation  from this provocation on, 1–5
     */
    private function __construct(
        private bool $only,
        private array $families,
        private bool $palpation = false,
        private ?int $provocation = null,
        private ?Station $station = null,
    ) {
    }

    public static function all(): self
    {
        return new self(false, []);
    }

    /** Nothing but the first look: inspection, pulse, sensation and ankle lift, and what is named. */
    public static function firstAnd(Family ...$open): self
    {
        return new self(true, array_values($open));
    }

    public static function allBut(Family ...$closed): self
    {
        return new self(false, array_values($closed));
    }

    /** Opens touching with a finger as well. */
    public function andPalpation(): self
    {
        return new self($this->only, $this->families, true, $this->provocation, $this->station);
    }

    /**
     * Closes what provokes this much or more as well.
     *
     * @param  int<1, 5>  $provocation
     */
    public function andFromProvocation(int $provocation): self
    {
        return new self($this->only, $this->families, $this->palpation, $provocation, $this->station);
    }

    /** Closes a whole position as well. */
    public function andStation(Station $station): self
    {
        return new self($this->only, $this->families, $this->palpation, $this->provocation, $station);
    }

    public function leaves(Manoeuvre $manoeuvre, SafetyRule $under): bool
    {
        return $manoeuvre->has(ManoeuvreTrait::First) || $this->only === $this->isNamed($manoeuvre, $under);
    }

    private function isNamed(Manoeuvre $manoeuvre, SafetyRule $under): bool
    {
        $named = $this->only ? ManoeuvreTrait::OpenUnder : ManoeuvreTrait::ClosedUnder;

        return \in_array($manoeuvre->family, $this->families, true)
            || \in_array($under->value, $manoeuvre->names($named), true)
            || ($this->palpation && $manoeuvre->has(ManoeuvreTrait::Palpation))
            || ($this->provocation !== null && $manoeuvre->provocation >= $this->provocation)
            || $manoeuvre->station === $this->station;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Place;

/**
 * Somebody else who should see this knee, how soon, by which rule, and what they are asked.
 *
 * @internal
 */
final readonly class Referral
{
    /**
     * @param  string  $to  in words, as one says it to an athlete: “the emergency department”
     * @param  string  $rule  a rule of the safety gate, or one of SendOn
     * @param  list<Place>  $places  what `to` names
     * @param  bool  $byChance  it stands by a chance alone, whatever the hands found
     * @param  list<Condition>  $asks  injuries that it asks about
     * @param  bool  $toOperator  the surgeon meant is the one who operated on this knee
     */
    public function __construct(
        public string $to,
        public Within $within,
        public string $rule,
        public string $why,
        public string $question,
        public array $places,
        public bool $byChance = false,
        public array $asks = [],
        public bool $toOperator = false,
    ) {
    }

    public function names(Place $place): bool
    {
        return \in_array($place, $this->places, true);
    }

    /** Whether the same person or place is meant, whatever words say so. */
    public function isToTheSame(self $other): bool
    {
        return $this->places === $other->places && $this->toOperator === $other->toOperator;
    }

    /** Somebody who decides about ligaments and menisci, or a picture that does. */
    public function settles(): bool
    {
        return $this->names(Place::Scan) || $this->names(Place::Surgeon);
    }

    /** The same, later. */
    public function within(Within $within): self
    {
        return new self(
            $this->to, $within, $this->rule, $this->why, $this->question, $this->places, $this->byChance, $this->asks,
            $this->toOperator,
        );
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Another person who should see this knee, how soon, by which rule, and what they are asked.
 *
 * @internal
 */
final readonly class Referral
{
    /**
     * @param  string  $rule  a rule of the safety gate, or one of SendOn
     * @param  bool  $byChance  it stands by a chance alone, whatever the hands found
     * @param  list<Condition>  $asks  injuries that it asks about
     */
    public function __construct(
        public Destination $to,
        public Within $within,
        public string $rule,
        public Sentence $why,
        public Sentence $question,
        public bool $byChance = false,
        public array $asks = [],
    ) {
    }

    public function names(Place $place): bool
    {
        return \in_array($place, $this->to->places(), true);
    }

    /** Whether the same person or place is meant, whatever words say so. */
    public function isToTheSame(self $other): bool
    {
        return $this->to->places() === $other->to->places() && $this->isToOperator() === $other->isToOperator();
    }

    /** The surgeon meant is the one who operated on this knee. */
    public function isToOperator(): bool
    {
        return $this->to === Destination::OperatingSurgeon;
    }

    /** Someone who decides about ligaments and menisci, or a picture that does. */
    public function settles(): bool
    {
        return $this->names(Place::Scan) || $this->names(Place::Surgeon);
    }

    /** The same question to someone who decides without another scan. */
    public function insteadOfScan(Destination $to, Sentence $why, Sentence $question): self
    {
        return new self($to, $this->within, $this->rule, $why, $question, $this->byChance, $this->asks);
    }

    /** The same, later. */
    public function within(Within $within): self
    {
        return new self(
            $this->to, $within, $this->rule, $this->why, $this->question, $this->byChance, $this->asks,
        );
    }
}

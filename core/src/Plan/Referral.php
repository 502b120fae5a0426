<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

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
     */
    public function __construct(
        public string $to,
        public Within $within,
        public string $rule,
        public string $why,
        public string $question,
        public bool $isScan = false,
        public bool $isXray = false,
        public bool $isSurgeon = false,
    ) {
    }

    /** Somebody who decides about ligaments and menisci, or a picture that does. */
    public function settles(): bool
    {
        return $this->isScan || $this->isSurgeon;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

/** Somebody else who should see this knee, how soon, and by which rule. */
final class Referral
{
    /**
     * @param  string  $to  in words, as one says it to an athlete: “the emergency department”
     * @param  string  $rule  a rule of the safety gate, or one of SendOn
     */
    public function __construct(
        public readonly string $to,
        public readonly Within $within,
        public readonly string $rule,
        public readonly string $why,
    ) {
    }
}

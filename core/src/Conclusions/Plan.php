<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Evidence\EvidenceLibrary;

/** What follows from the examination, before it is put into words. */
final class Plan
{
    /**
     * @param  list<Referral>  $sendOn  worst first
     * @param  LookAgain|null  $lookAgain  null: nothing asks for it
     * @param  list<string>  $unanswered
     */
    private function __construct(
        public readonly array $sendOn,
        public readonly Support $support,
        public readonly Play $play,
        public readonly ?LookAgain $lookAgain,
        public readonly array $unanswered,
    ) {
    }

    public static function of(Bearings $bearings, FrontGate $front, EvidenceLibrary $evidence): self
    {
        $sendOn = SendOn::of($bearings);
        $support = Support::of($bearings);

        return new self(
            $sendOn,
            $support,
            Play::of($bearings->examination, $bearings->gate, $bearings->standing),
            LookAgain::of($bearings, $front, $support, $sendOn !== []),
            Unanswered::of($bearings, $evidence),
        );
    }

    /** How soon the first of them sees the knee; null when nobody is sent on. */
    public function soonest(): ?Within
    {
        return $this->sendOn === [] ? null : $this->sendOn[0]->within;
    }
}

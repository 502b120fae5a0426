<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What follows from the examination, before it is put into words.
 *
 * @internal
 */
final readonly class Plan
{
    /**
     * @param  list<Referral>  $sendOn  worst first
     * @param  LookAgain|null  $lookAgain  null: nothing asks for it
     * @param  list<Sentence>  $unanswered
     */
    private function __construct(
        public array $sendOn,
        public Conduct $conduct,
        public Support $support,
        public Play $play,
        public ?LookAgain $lookAgain,
        public AvailabilityForCoach $availability,
        public array $unanswered,
    ) {
    }

    /**
     * @param  Bearings|null  $whileFresh  the same knee as on its last fresh day, where it has just turned old
     */
    public static function of(
        Bearings $bearings,
        ?Bearings $whileFresh,
        EvidenceLibrary $evidence,
        PlayRules $rules,
    ): self {
        $sendOn = SendOn::of($bearings, $whileFresh);
        $conduct = Conduct::of($bearings);
        $support = Support::of($bearings, $conduct->crutches());
        $play = Play::of($bearings, $rules);
        $again = Reviews::of($bearings, $sendOn, $support, $play);

        return new self(
            $sendOn,
            $conduct,
            $support,
            $play,
            $again,
            AvailabilityForCoach::of($bearings, $sendOn, $support, $play, $again),
            Unanswered::of($bearings, $evidence),
        );
    }

    /** How soon the first of them sees the knee; null when nobody is sent on. */
    public function soonest(): ?Within
    {
        return $this->sendOn === [] ? null : $this->sendOn[0]->within;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\Place;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * Referrals once a scan or a look inside the joint has answered: no scan is asked for twice, and a tear that was found
 * asks for an opinion on treatment instead.
 *
 * @internal
 */
final readonly class AfterLooks
{
    public const KNOWN_TEAR = 'known_tear';

    /** From this grade on a known MCL tear needs a surgeon's opinion. Working estimate. */
    private const MCL_GRADE = 2;

    private const ASKED_FOR = [
        Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl,
        Condition::MedialMeniscus, Condition::LateralMeniscus,
    ];

    private NewSigns $new;

    public function __construct(private Bearings $bearings)
    {
        $this->new = new NewSigns($bearings);
    }

    /**
     * @param  list<Referral>  $sent  by today's findings and chances
     * @return list<Referral>
     */
    public function applied(array $sent): array
    {
        if ($this->bearings->examination->known->all === []) {
            return $sent;
        }
        $left = array_values(array_filter(array_map($this->answered(...), $sent)));
        $tear = $this->knownTear($left);

        return $tear === null ? $left : [...$left, $tear];
    }

    /** The referral as it still stands; null: the look has answered it. */
    private function answered(Referral $referral): ?Referral
    {
        if ($referral->rule === LaterReferrals::BLOOD && $this->bledBeforeOperation()) {
            return null;
        }
        if (SafetyRule::tryFrom($referral->rule) !== null || $referral->isToOperator()) {
            return $referral;
        }
        if ($referral->asks === []) {
            return $referral->to === Destination::Mri && $this->isLookedAt() ? null : $referral;
        }
        if (array_filter($referral->asks, fn (Condition $asked): bool => ! $this->isSettled($asked)) !== []) {
            return $referral;
        }
        $torn = array_filter($referral->asks, $this->isKnownTorn(...));
        $isDecided = $torn !== [] && array_filter($torn, $this->hasOpinion(...)) === $torn;
        $by = $this->bearings->of($referral->asks[0])->known?->by->label() ?? '';

        return match (true) {
            $referral->to === Destination::Mri, $isDecided => null,
            $referral->to !== Destination::KneeSurgeonWithMri => $referral,
            $torn !== [] => null,
            default => $referral->insteadOfScan(
                Destination::KneeSurgeon,
                new Sentence('refer.no_tear_shown', ['why' => $referral->why, 'by' => $by]),
                new Sentence('refer.no_tear_shown.asked', ['question' => $referral->question, 'by' => $by]),
            ),
        };
    }

    /**
     * A tear that was found, and on which no surgeon's opinion is on record since.
     *
     * @param  list<Referral>  $sent
     */
    private function knownTear(array $sent): ?Referral
    {
        $asked = array_merge(...array_map(static fn (Referral $one): array => $one->names(Place::Surgeon)
            && $one->within->rank() <= Within::TwoWeeks->rank() ? $one->asks : [], $sent), ...[[]]);
        $torn = array_values(array_filter(self::ASKED_FOR, fn (Condition $condition): bool => $this->isKnownTorn($condition)
            && $this->isSettled($condition) && ! $this->hasOpinion($condition) && ! \in_array($condition, $asked, true)));
        if ($torn === []) {
            return null;
        }
        $names = array_map(static fn (Condition $condition): string => $condition->label(), $torn);

        return new Referral(
            Destination::KneeSurgeon,
            Within::TwoWeeks,
            self::KNOWN_TEAR,
            new Sentence('refer.known_tear', ['conditions' => $names]),
            new Sentence('refer.known_tear.asked', ['conditions' => $names]),
            asks: $torn,
        );
    }

    private function isKnownTorn(Condition $condition): bool
    {
        $verdict = $this->bearings->of($condition);
        $isSprain = $condition === Condition::Mcl && $verdict->grade !== null && $verdict->grade < self::MCL_GRADE;

        return $verdict->isKnownTorn() && ! $isSprain;
    }

    /** Looked at in this episode or known from before, and nothing new has shown since. */
    private function isSettled(Condition $condition): bool
    {
        return $this->bearings->of($condition)->known !== null && ! $this->new->of($condition);
    }

    /** The joint was operated on in this episode, and no effusion was found since: what was told is of before. */
    private function bledBeforeOperation(): bool
    {
        $days = $this->bearings->examination->known->daysSinceOperation();
        $since = $this->bearings->examination->daysSinceInjury;

        return $days !== null && $since !== null && $days <= $since && ! $this->bearings->hasFluid();
    }

    /** Some part of this joint was looked at in this episode, and nothing new has shown since. */
    private function isLookedAt(): bool
    {
        foreach (Condition::cases() as $condition) {
            if ($this->bearings->of($condition)->isAnswered()) {
                return ! $this->new->of($condition);
            }
        }

        return false;
    }

    /** A surgeon has spoken since this tear was found: what was said before it was not about it. */
    private function hasOpinion(Condition $condition): bool
    {
        $said = $this->bearings->examination->episode->surgeonSaid?->on;
        $found = $this->bearings->of($condition)->known?->on->format('Y-m-d');

        return $said !== null && $found !== null && $said >= $found;
    }
}

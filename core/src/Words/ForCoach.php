<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Plan\AvailabilityForCoach;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\LookAgain;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Sentences\Sentence;

/**
 * The coach's line. None without a consent of its own; it never says anything medical.
 *
 * @internal
 */
final class ForCoach
{
    /**
     * @return list<Sentence> none without consent
     */
    public static function sentences(KneeExamination $examination, Plan $plan): array
    {
        $opening = $examination->opening;
        $agreed = $opening->coachMayKnow === true
            && (! $examination->isGrowing() || $opening->guardianConsent === true);

        return $agreed
            ? [...self::status($plan->availability), self::review($examination, $plan->lookAgain)]
            : [];
    }

    /**
     * @return list<Sentence>
     */
    private static function status(AvailabilityForCoach $availability): array
    {
        return match ($availability->status) {
            AvailabilityStatus::Available => [new Sentence('coach.available')],
            AvailabilityStatus::Out => [new Sentence('coach.out')],
            default => [
                new Sentence('coach.modified', ['not' => Activity::names($availability->avoid)]),
                ...($availability->allowed === []
                    ? []
                    : [new Sentence('coach.may_do', ['yes' => Activity::names($availability->allowed)])]),
            ],
        };
    }

    private static function review(KneeExamination $examination, ?LookAgain $again): Sentence
    {
        if ($again === null || $again->to === null) {
            return new Sentence($again?->after === null ? 'coach.no_review' : 'coach.review_follows');
        }
        $from = $again->from ?? $again->to;
        $day = $examination->examinedOn;
        if ($day === null) {
            return match (true) {
                $again->from === null => new Sentence('coach.review.within_days', ['days' => $again->to]),
                $from === $again->to => new Sentence('coach.review.in_days', ['days' => $from]),
                default => new Sentence('coach.review.between_days', ['from' => $from, 'to' => $again->to]),
            };
        }
        [$first, $last] = [$day->modify("+{$from} days"), $day->modify("+{$again->to} days")];

        return match (true) {
            $again->from === null => new Sentence('coach.review.by', ['day' => $last]),
            $first == $last => new Sentence('coach.review.on', ['day' => $last]),
            default => new Sentence('coach.review.between', ['from' => $first, 'to' => $last]),
        };
    }
}

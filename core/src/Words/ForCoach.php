<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\LookAgain;
use GrayCompass\Core\Plan\Plan;

/**
 * The coach's line. Empty without a consent of its own; it never says anything medical.
 *
 * @internal
 */
final class ForCoach
{
    public static function text(KneeExamination $examination, Plan $plan): string
    {
        $opening = $examination->opening;
        $agreed = $opening->coachMayKnow === true
            && (! $examination->isGrowing() || $opening->guardianConsent === true);
        if (! $agreed) {
            return '';
        }
        $status = match ($plan->availability->status) {
            AvailabilityStatus::Available => 'Available.',
            AvailabilityStatus::Out => 'Out.',
            default => 'Modified training. Not: '.implode(
                ', ',
                $plan->availability->notThis,
            ).'.'.($plan->availability->thisYes === []
                ? ''
                : ' Yes: '.implode(', ', $plan->availability->thisYes).'.'),
        };

        return "{$status} ".self::review($examination, $plan->lookAgain);
    }

    private static function review(KneeExamination $examination, ?LookAgain $again): string
    {
        if ($again === null || $again->to === null) {
            return $again?->after === null ? 'No review planned unless something changes.' : 'Review date follows.';
        }
        $from = $again->from ?? $again->to;
        $day = $examination->examinedOn;
        if ($day === null) {
            return match (true) {
                $again->from === null => "Review within {$again->to} days.",
                $from === $again->to => "Review in {$from} days.",
                default => "Review in {$from} to {$again->to} days.",
            };
        }
        [$first, $last] = [$day->modify("+{$from} days"), $day->modify("+{$again->to} days")];

        return match (true) {
            $again->from === null => "Review by {$last->format('j F Y')}.",
            $first == $last => "Review on {$last->format('j F Y')}.",
            default => "Review between {$first->format('j F')} and {$last->format('j F Y')}.",
        };
    }
}

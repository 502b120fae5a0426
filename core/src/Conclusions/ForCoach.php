<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

/** The coach's line. Empty without recorded consent; it never says anything medical. */
final class ForCoach
{
    public static function text(Bearings $bearings, Plan $plan): string
    {
        if ($bearings->examination->opening->consentGiven !== true) {
            return '';
        }
        $status = match (Availability::of($bearings, $plan)) {
            Availability::Available => 'Available.',
            Availability::Modified => 'Modified training: the athlete says what is possible.',
            Availability::Out => 'Out.',
        };

        return "{$status} ".self::review($bearings, $plan);
    }

    private static function review(Bearings $bearings, Plan $plan): string
    {
        $again = $plan->lookAgain;
        if ($again === null) {
            return 'No review planned.';
        }
        $day = $bearings->examination->examinedOn;
        if ($day === null) {
            return $again->from === $again->to ? "Review in {$again->from} days." : "Review in {$again->from} to {$again->to} days.";
        }
        [$from, $to] = [$day->modify("+{$again->from} days"), $day->modify("+{$again->to} days")];

        return $from == $to ? "Review on {$from->format('j F Y')}." : "Review between {$from->format('j F')} and {$to->format('j F Y')}.";
    }
}

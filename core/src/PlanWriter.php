<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Conclusions\Play;
use GrayCompass\Core\Conclusions\Referral;
use GrayCompass\Core\Route\Stop;
use GrayCompass\Core\Route\Suggestions;

/** The route and the plan as parts of the document that crosses the wire. */
final class PlanWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function plan(Assessment $assessment): array
    {
        $plan = $assessment->plan;
        $again = $plan->lookAgain;

        return [
            'sendOn' => array_map(static fn (Referral $referral): array => [
                'to' => $referral->to, 'within' => $referral->within->value, 'rule' => $referral->rule, 'why' => $referral->why,
            ], $plan->sendOn),
            'support' => [
                'type' => $plan->support->type->value, 'why' => $plan->support->why, 'cost' => $plan->support->cost(), 'crutches' => $plan->support->crutches,
            ],
            'play' => $plan->play->answer->value,
            'playWhy' => [...$plan->play->why, Play::NEVER_CLEARS],
            'lookAgain' => $again === null ? null : ['from' => $again->from, 'to' => $again->to, 'why' => $again->why],
            'unanswered' => $plan->unanswered,
            'forAthlete' => $assessment->words->forAthlete,
            'forCoach' => $assessment->words->forCoach,
            'note' => $assessment->words->note,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public static function route(Assessment $assessment): array
    {
        $route = $assessment->route;

        return [
            'id' => $route->route->value,
            'stops' => array_map(static fn (Stop $stop): array => ['station' => $stop->station->value, 'manoeuvres' => $stop->manoeuvres], $route->stops),
            'minutes' => $route->minutes,
            'minutesDone' => $route->minutesDone,
            'minutesLeft' => $route->minutesLeft(),
            'dropped' => $route->dropped,
            'offered' => $route->offered,
            'sides' => array_map(static fn ($side): string => $side->value, $route->sides),
            'nothingChanges' => Suggestions::wouldChangeNothing($assessment->weighed) ? Suggestions::NOTHING_CHANGES : null,
        ];
    }
}

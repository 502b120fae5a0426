<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Plan\Conduct;
use GrayCompass\Core\Plan\Play;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Results\CoreSet;
use GrayCompass\Core\Route\NextSteps;
use GrayCompass\Core\Route\Stop;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Matters;

/**
 * The route and the plan as parts of the document that crosses the wire.
 *
 * @internal
 */
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
                'to' => $referral->to,
                'within' => $referral->within->value,
                'rule' => $referral->rule,
                'why' => $referral->why,
                'question' => $referral->question,
                'asks' => array_column($referral->asks, 'value'),
            ], $plan->sendOn),
            'support' => [
                'type' => $plan->support->type->value,
                'why' => $plan->support->why,
                'range' => $plan->support->range,
                'cost' => $plan->support->cost(),
                'crutches' => $plan->support->crutches,
            ],
            'play' => $plan->play->answer->value,
            'playWhy' => array_values(array_unique($plan->play->why === [] && $plan->play->answer === PlayAnswer::NotAsked
                ? []
                : [...$plan->play->why, Play::NEVER_CLEARS])),
            'playSettledBy' => $plan->play->settledBy,
            'availability' => [
                'status' => $plan->availability->status->value,
                'notThis' => $plan->availability->notThis,
                'thisYes' => $plan->availability->thisYes,
            ],
            'advice' => self::advice($plan->conduct),
            'matters' => array_map(
                static fn (ConditionVerdict $verdict): string => $verdict->condition->value,
                Matters::of($assessment->bearings),
            ),
            'lookAgain' => $again === null
                ? null
                : [
                    'from' => $again->from,
                    'to' => $again->to,
                    'after' => $again->after,
                    'why' => $again->why,
                    'hours' => $again->hours,
                    'say' => $again->when(),
                ],
            'unanswered' => $plan->unanswered,
            'afterOperation' => $assessment->words->afterOperation,
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
            'id' => $route->route->id,
            'stops' => array_map(
                static fn (Stop $stop): array => [
                    'station' => $stop->station->value,
                    'manoeuvres' => $stop->manoeuvres,
                ],
                $route->stops,
            ),
            'minutes' => $route->minutes,
            'minutesDone' => $route->minutesDone,
            'minutesLeft' => $route->minutesLeft(),
            'dropped' => $route->dropped,
            'offered' => $route->offered,
            'sides' => array_map(static fn ($side): string => $side->value, $route->sides),
            'tooShort' => $route->tooShort,
            'core' => self::core($assessment),
            'nothingChanges' => $assessment->nothingChanges() ? NextSteps::NOTHING_CHANGES : null,
        ];
    }

    /**
     * The core set of this knee, and what of it is done.
     *
     * @return list<array{manoeuvre: string, state: string}>
     */
    private static function core(Assessment $assessment): array
    {
        $bearings = $assessment->bearings;

        return array_map(static fn (Manoeuvre $manoeuvre): array => ['manoeuvre' => $manoeuvre->id, 'state' => match (true) {
            CoreSet::isDone($manoeuvre, $bearings->examination) => 'done',
            $bearings->holds->for($manoeuvre->id)?->rule !== null => 'held',
            \in_array($manoeuvre->id, $bearings->settled->outOfReach, true) => 'out_of_reach',
            default => 'open',
        }], CoreSet::of($bearings->examination, $bearings->catalogue));
    }

    /**
     * @return array<string, mixed>
     */
    private static function advice(Conduct $conduct): array
    {
        $advice = $conduct->advice;

        return [
            'weight' => $advice->weight?->value,
            'knee' => $advice->knee,
            'bend' => $advice->bend?->value,
            'drive' => $advice->drive,
            'say' => array_values(array_filter([
                $advice->weight?->words() ?? ($conduct->untilNoLimp ? 'Use crutches until you walk without '
                    .'a limp.' : ''),
                $advice->knee,
                $advice->bend?->words() ?? '',
                $advice->drive === false ? 'Do not drive.' : '',
            ])),
        ];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Plan\Conduct;
use GrayCompass\Core\Plan\Play;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Results\CoreSet;
use GrayCompass\Core\Route\Stop;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Sentence;
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
        $words = $assessment->words->phrases;

        return [
            'sendOn' => array_map(static fn (Referral $referral): array => [
                'code' => $referral->to->value,
                'to' => $words->words($referral->to->name()),
                'within' => $referral->within->value,
                'rule' => $referral->rule,
                'why' => $words->sentence($referral->why),
                'question' => $words->words($referral->question),
                'asks' => array_column($referral->asks, 'value'),
            ], $plan->sendOn),
            'support' => [
                'type' => $plan->support->type->value,
                'why' => $words->sentence($plan->support->why),
                'range' => $plan->support->range === null ? '' : $words->words($plan->support->range->name()),
                'cost' => self::said($plan->support->cost(), $words),
                'crutches' => $plan->support->crutches,
            ],
            'play' => $plan->play->answer->value,
            'playWhy' => array_map($words->sentence(...), self::playWhy($plan->play)),
            'playSettledBy' => $plan->play->settledBy === null ? null : $words->sentence($plan->play->settledBy),
            'availability' => [
                'status' => $plan->availability->status->value,
                'notThis' => array_map($words->words(...), Activity::names($plan->availability->avoid)),
                'thisYes' => array_map($words->words(...), Activity::names($plan->availability->allowed)),
                'activities' => [
                    ...self::activities($plan->availability->avoid, false, $words),
                    ...self::activities($plan->availability->allowed, true, $words),
                ],
            ],
            'advice' => self::advice($plan->conduct, $words),
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
                    'why' => $words->paragraph($again->why),
                    'hours' => $again->withinHours ? $words->sentence(new Sentence('review.hours')) : '',
                    'say' => self::said($again->when(), $words),
                ],
            'unanswered' => array_map($words->sentence(...), $plan->unanswered),
            'afterOperation' => $assessment->words->afterOperation(),
            'forAthlete' => $assessment->words->forAthlete(),
            'forCoach' => $assessment->words->forCoach(),
            'note' => $assessment->words->note(),
            'words' => WordsWriter::write($assessment->words),
        ];
    }

    /**
     * @return list<Sentence>
     */
    private static function playWhy(Play $play): array
    {
        $isSilent = $play->why === [] && $play->answer === PlayAnswer::NotAsked;

        return $isSilent ? [] : Sentence::once([...$play->why, Play::neverClears()]);
    }

    private static function said(?Sentence $sentence, Phrases $words): string
    {
        return $sentence === null ? '' : $words->sentence($sentence);
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
            'nothingChanges' => $assessment->nothingChanges() ? $assessment->words->phrases->sentence(new Sentence('next_test.nothing_changes')) : null,
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
    private static function advice(Conduct $conduct, Phrases $words): array
    {
        $advice = $conduct->advice;

        return [
            'weight' => $advice->weight?->value,
            'knee' => $advice->knee === null ? '' : $words->sentence($advice->knee),
            'bend' => $advice->bend?->value,
            'drive' => $advice->drive,
            'say' => array_map($words->sentence(...), array_values(array_filter([
                $advice->weight?->advice() ?? ($conduct->untilNoLimp ? new Sentence('weight.until_no_limp') : null),
                $advice->knee,
                $advice->bend?->advice(),
                $advice->drive === false ? new Sentence('drive.do_not') : null,
            ]))),
        ];
    }

    /**
     * @param  list<Activity>  $activities
     * @return list<array{code: string, text: string, allowed: bool}>
     */
    private static function activities(array $activities, bool $allowed, Phrases $words): array
    {
        return array_map(static fn (Activity $activity): array => [
            'code' => $activity->value,
            'text' => $words->words($activity->name()),
            'allowed' => $allowed,
        ], $activities);
    }
}

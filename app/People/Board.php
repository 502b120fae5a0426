<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Availability;
use App\Models\Examination;
use App\Models\User;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Plan\AvailabilityStatus;

/** Who may play: kept up by each signature, and shown to a coach of those alone who agreed. */
final class Board
{
    /** Inside the transaction of the signature; of two knees, and of two days, the last word stands. */
    public static function keep(Examination $examination, Assessment $assessment): void
    {
        $plan = $assessment->plan;
        $again = $plan->lookAgain;
        $days = $again === null ? null : $again->from ?? $again->to;
        Availability::query()->where('athlete_id', $examination->episode->athlete_id)->delete();
        Availability::query()->create([
            'team_id' => $examination->team_id,
            'athlete_id' => $examination->episode->athlete_id,
            'examination_id' => $examination->id,
            'content' => [
                'status' => $plan->availability->status->value,
                'notThis' => $plan->availability->notThis,
                'thisYes' => $plan->availability->thisYes,
                // What is said to the coach is empty where nobody agreed to it.
                'coachMayKnow' => $assessment->words->forCoach !== '',
            ],
            'review_on' => $days === null ? null : $examination->examined_at->startOfDay()->addDays($days),
        ]);
    }

    /**
     * By squad and name.
     *
     * @return list<array<string, mixed>>
     */
    public static function for(User $user): array
    {
        $seesAll = $user->role()->examines();

        return array_values(Availability::query()->has('athlete')->with('athlete')->get()
            ->filter(static fn (Availability $one): bool => $seesAll || $one->content['coachMayKnow'])
            ->sortBy(static fn (Availability $one): string => "{$one->athlete->squad} {$one->athlete->name}")
            ->map(static fn (Availability $one): array => [
                'athlete' => $one->athlete->id,
                'name' => $one->athlete->name,
                'number' => $one->athlete->number,
                'squad' => $one->athlete->squad,
                'status' => $one->content['status'],
                'label' => AvailabilityStatus::from($one->content['status'])->label(),
                'notThis' => $one->content['notThis'],
                'thisYes' => $one->content['thisYes'],
                'reviewOn' => $one->review_on?->toDateString(),
                'coachMayKnow' => $one->content['coachMayKnow'],
            ])->all());
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Condition;

/** The paragraph that the athlete takes home: short sentences, nothing unexplained, no diagnosis. */
final class ForAthlete
{
    private const CALL = 'Call at once if your foot turns cold, numb or weak. Call too if your calf swells, you get a fever or the pain grows fast. If you get short of breath, call emergency help.';

    /** Chances named one by one; the rest is said together. */
    private const NAMED = 3;

    public function __construct(
        private readonly Bearings $bearings,
        private readonly Plan $plan,
    ) {
    }

    public function text(): string
    {
        $sentences = [
            ...$this->urgent(),
            ...$this->lookedAt(),
            ...$this->found(),
            ...$this->mayMean(),
            ...(new Tomorrow($this->bearings, $this->plan))->sentences(),
            ...$this->next(),
            self::CALL,
        ];

        return implode(' ', $sentences);
    }

    /**
     * @return list<string>
     */
    private function urgent(): array
    {
        return match ($this->plan->soonest()) {
            Within::Now => ['You need to go to hospital now.', 'Keep the leg still on the way.'],
            Within::SameDay => ['You need to be seen by a doctor today.'],
            default => [],
        };
    }

    /**
     * @return list<string>
     */
    private function lookedAt(): array
    {
        $examination = $this->bearings->examination;
        $hurt = PlainWords::side($examination->hurtSide);
        $other = PlainWords::side($examination->hurtSide->opposite());
        $done = array_filter($examination->records, static fn (Record $record): bool => $record->notDone === null);
        $compared = array_filter($done, static fn (Record $record): bool => $record->side === $examination->hurtSide->opposite());

        return [match (true) {
            $done === [] => "We talked about your {$hurt} knee and have not tested it by hand.",
            $compared === [] => "We tested your {$hurt} knee by hand.",
            default => "We tested your {$hurt} knee by hand and compared it with your {$other} knee.",
        }];
    }

    /**
     * @return list<string>
     */
    private function found(): array
    {
        $bearings = $this->bearings;
        $blood = $bearings->grading->effusion?->bloodLikely === true;
        $mcl = $bearings->of(Condition::Mcl)->grade;
        $found = array_keys(array_filter([
            'There is fluid inside the knee.' => $bearings->hasFluid() && ! $blood,
            'There is fluid inside the knee, and it may be blood.' => $blood,
            'Your shin slides further forward than it should.' => $bearings->positive('lachman', 'anterior_drawer', 'arthrometer_difference', 'pivot_shift'),
            'Your shin sinks back further than it should.' => $bearings->positive('posterior_sag', 'posterior_drawer'),
            'The inner side opens more than it should.' => ($mcl ?? 0) >= 2,
            'The inner side is sore but holds.' => $mcl === 1,
            'The outer side opens more than it should.' => $bearings->grade(Condition::Lcl) >= 2,
            'Your lower leg turns out more than it should.' => $bearings->positive('dial_30'),
            'The knee does not go fully straight.' => $bearings->positive('loss_of_extension'),
            'The inner side of the joint hurts when it is pressed or turned.' => $bearings->positive('joint_line_tenderness_medial', 'mcmurray_medial', 'thessaly_20_medial'),
            'The outer side of the joint hurts when it is pressed or turned.' => $bearings->positive('joint_line_tenderness_lateral', 'mcmurray_lateral', 'thessaly_20_lateral'),
            'You felt that the kneecap might slip.' => $bearings->positive('patellar_apprehension', 'moving_patellar_apprehension'),
            'Bending under your weight hurts at the front.' => $bearings->positive('squat_front_pain', 'step_down_pain'),
        ]));
        if ($found === [] && $bearings->examination->records !== []) {
            $found[] = 'We found nothing that stands out.';
        }
        if (array_filter($bearings->verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->unsettled) !== []) {
            $found[] = 'Some tests could not tell today, because the knee was tense, sore or swollen.';
        }

        return $found;
    }

    /**
     * @return list<string>
     */
    private function mayMean(): array
    {
        $verdicts = $this->bearings->verdicts;
        usort($verdicts, static fn (ConditionVerdict $a, ConditionVerdict $b): int => $b->chance->posttest <=> $a->chance->posttest);
        $likely = array_filter($verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->zone === ConditionZone::Act
            || ($verdict->zone === ConditionZone::Investigate && $verdict->tested));
        $named = array_slice($likely, 0, self::NAMED);
        $sentences = [];
        if (array_filter($named, static fn (ConditionVerdict $verdict): bool => PlainWords::isLigament($verdict->condition)) !== []) {
            $sentences[] = 'Ligaments are the bands that hold a knee together.';
        }
        foreach ($named as $at => $verdict) {
            $source = $at === 0 ? ', by our starting figures' : '';
            $sentences[] = PlainWords::may($verdict->condition).': '.PlainWords::share($verdict->chance->posttest).$source.'.';
        }
        $fine = array_filter($verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->zone === ConditionZone::RuledOut);
        if ($fine !== []) {
            $highest = max(array_map(static fn (ConditionVerdict $verdict): float => $verdict->chance->posttest, $fine));
            $sentences[] = 'For the other parts that we tested, harm is unlikely: '.PlainWords::atMost($highest).' for each.';
        }
        if (array_filter($verdicts, static fn (ConditionVerdict $verdict): bool => ! $verdict->tested && $verdict->zone !== ConditionZone::Act) !== []) {
            $sentences[] = 'Some parts of the knee were not tested today.';
        }
        $sentences[] = 'These are chances, not a diagnosis.';

        return $sentences;
    }

    /**
     * @return list<string>
     */
    private function next(): array
    {
        $next = [];
        $image = null;
        foreach ($this->plan->sendOn as $referral) {
            $pictured = str_contains($referral->to, 'X-ray');
            if ($pictured && $image !== null) {
                continue;
            }
            $image ??= $pictured ? $referral : null;
            $next[$referral->to] ??= "Next comes {$referral->to}, {$referral->within->words()}.";
        }
        $next = array_slice(array_values($next), 0, self::NAMED);
        $again = $this->plan->lookAgain;
        if ($again !== null) {
            $next[] = $again->from === $again->to ? "We look at the knee again in {$again->from} days." : "We look at the knee again in {$again->from} to {$again->to} days.";
        }

        return $next === [] ? ['Come back if it does not get better.'] : $next;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Findings\NotDone;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\LookAgain;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Standing\StandingResult;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\ConditionZone;
use GrayCompass\Core\Verdict\Matters;

/**
 * What the athlete takes home: short paragraphs under headings, nothing unexplained, no diagnosis.
 * How many tests are enough, and the age of driving, are working estimates.
 *
 * @internal
 */
final readonly class ForAthlete
{
    private const ENOUGH_TESTS = 8;

    private const DRIVING_AGE = 17;

    private const CALL = 'Call us if the knee locks, gives way, or you cannot stand on it.';

    /** Who must not stand, or is stuck already, is not told to wait for that. */
    private const WORSE_CALL = 'Call us if the swelling grows, or anything else gets worse.';

    private const WORN_CALL = 'Call at once if your calf swells or hurts. If you get short of breath, call an '
        .'ambulance.';

    public function __construct(private Bearings $bearings, private Plan $plan)
    {
    }

    /** Headings and paragraphs, parted by empty lines. */
    public function text(): string
    {
        $parts = [
            'First' => $this->first(),
            'What we looked at' => $this->lookedAt(),
            'What we found' => $this->found(),
            'What it may mean' => $this->mayMean(),
            'Until then' => $this->untilThen(),
            'Next' => $this->next(),
            'Call' => $this->call(),
        ];
        $paragraphs = [];
        foreach ($parts as $heading => $sentences) {
            if ($sentences !== []) {
                $paragraphs[] = "{$heading}\n".implode(' ', $sentences);
            }
        }

        return implode("\n\n", $paragraphs);
    }

    /**
     * @return list<string>
     */
    private function first(): array
    {
        $sentences = $this->bearings->examination->isUnder(self::DRIVING_AGE)
            ? ['This is for you and your parents.']
            : [];
        if ($this->bearings->raised(Rule::ChestSigns)) {
            return [...$sentences, 'Call an ambulance now.'];
        }

        return [...$sentences, ...match ($this->plan->soonest()) {
            Within::Now => ['You need to go to hospital now.'],
            Within::SameDay => ['You need to be seen today.'],
            default => [],
        }];
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
        $compared = array_filter(
            $done,
            static fn (Record $record): bool => $record->side === $examination->hurtSide->opposite(),
        );

        $why = $this->whyNotTested();

        return [match (true) {
            $done === [] && $why !== [] => 'We could not test your knee today because '.PlainWords::list($why).'.',
            $done === [] => "We talked about your {$hurt} knee and have not tested it by hand.",
            $compared === [] => "We tested your {$hurt} knee by hand.",
            default => "We tested your {$hurt} knee by hand and compared it with your {$other} knee.",
        }];
    }

    /**
     * @return list<string> clauses after “because”, each once
     */
    private function whyNotTested(): array
    {
        $whys = array_map(static fn (Record $record): string => match ($record->notDone) {
            NotDone::Pain => 'it hurt too much',
            NotDone::Time => 'there was no time',
            NotDone::Declined => 'you did not want it',
            NotDone::NotSafe => 'it was not safe',
            NotDone::Position => 'the position was not possible',
            null => '',
        }, $this->bearings->examination->records);

        return array_values(array_unique(array_filter($whys)));
    }

    /**
     * @return list<string>
     */
    private function found(): array
    {
        $bearings = $this->bearings;
        $found = [];
        foreach ($bearings->gate->lines as $line) {
            $found[] = $line->sheet->found;
        }
        if ($bearings->raised(Rule::SwellingWithoutInjury)) {
            $found[] = $bearings->bloodLikely ? 'It may be blood.' : '';
        } elseif ($bearings->hasFluid()) {
            $found[] = $bearings->bloodLikely
                ? 'There is fluid inside the knee, and it may be blood.'
                : 'There is fluid inside the knee.';
        } elseif ($bearings->bloodLikely) {
            $found[] = 'The knee swelled so fast that it may have bled inside.';
        }
        foreach ($bearings->standing->results as $result) {
            $told = $result->reading->sign === 'loss_of_extension' && $bearings->raised(Rule::LockedKnee);
            if ($result->isPositive() && $result->isHandsOn() && ! $told) {
                $found[] = (string) $bearings->signs->phrase($result->reading->sign);
            }
        }
        if (
            $bearings->of(Condition::Mcl)->grade === 1
            && ! $bearings->positive(...$bearings->signs->grading(Condition::Mcl))
        ) {
            $found[] = 'The inner side is sore but holds.';
        }
        foreach ($bearings->also as $other) {
            $found[] = $other->id === 'growing_bone' && $bearings->raised(Rule::GrowingBone) ? '' : $other->found;
        }
        $found = array_values(array_unique(array_filter($found)));

        return [...($found === [] ? $this->nothing() : $found), ...$this->excuses()];
    }

    /**
     * @return list<string>
     */
    private function nothing(): array
    {
        $own = array_filter($this->bearings->standing->results, fn (StandingResult $result): bool => $result->counts() && $result->isHandsOn()
            && $this->bearings->signs->ownTestOf($result->reading->sign) !== null);
        $done = array_filter(
            $this->bearings->examination->records,
            static fn (Record $record): bool => $record->notDone === null,
        );
        if (\count($own) >= self::ENOUGH_TESTS) {
            return ['Nothing stands out.'];
        }
        if ($done !== []) {
            $untested = $this->untested();

            return ['What we could test was normal.', ...($untested === '' ? [] : ["Not tested: {$untested}."])];
        }

        return [];
    }

    private function untested(): string
    {
        $parts = array_map(
            static fn (ConditionVerdict $verdict): string => PlainWords::part($verdict->condition),
            array_filter(
                $this->bearings->verdicts,
                static fn (ConditionVerdict $verdict): bool => ! $verdict->tested && $verdict->seriousness > 1,
            ),
        );

        return PlainWords::list(\array_slice(array_values($parts), 0, 3));
    }

    /**
     * Why tests could not tell, each reason once.
     *
     * @return list<string>
     */
    private function excuses(): array
    {
        $excuses = [];
        foreach ($this->bearings->standing->results as $result) {
            $own = $this->bearings->signs->ownTestOf($result->reading->sign);
            if ($own !== null && $result->exclusion?->isVoid() === true && $this->bearings->of($own)->unsettled) {
                $excuses[PlainWords::excuse($result->exclusion)] = true;
            }
        }

        return $excuses === []
            ? []
            : ['Some tests could not tell today, '.PlainWords::list(\array_slice(array_keys($excuses), 0, 2)).'.'];
    }

    /**
     * @return list<string>
     */
    private function mayMean(): array
    {
        $named = array_filter(
            Matters::named($this->bearings),
            fn (ConditionVerdict $verdict): bool => ! (
                $verdict->condition === Condition::PatellarInstability
                && $this->bearings->raised(Rule::KneecapOut)
            ),
        );
        $likely = array_values(array_filter(
            $named,
            static fn (ConditionVerdict $verdict): bool => $verdict->reachesRuleOut(),
        ));
        $open = array_values(array_filter(
            $named,
            static fn (ConditionVerdict $verdict): bool => ! $verdict->reachesRuleOut(),
        ));
        $fine = $this->bearings->gate->isToday() ? [] : array_values(array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => $verdict->zone === ConditionZone::RuledOut
                && $verdict->raised,
        ));
        $sentences = array_map(
            static fn (ConditionVerdict $verdict): string => PlainWords::may(
                $verdict->condition,
                $verdict->isAtAct(),
            ).': '.PlainWords::share($verdict->posttest()).'.',
            $likely,
        );
        if ($open !== []) {
            $parts = PlainWords::list(array_map(
                static fn (ConditionVerdict $verdict): string => PlainWords::part($verdict->condition),
                $open,
            ));
            $sentences[] = "Not settled today: {$parts}.";
        }
        if ($fine !== []) {
            $sentences[] = 'Harm is unlikely: '.PlainWords::list(array_map(
                static fn (ConditionVerdict $verdict): string => PlainWords::part($verdict->condition),
                $fine,
            )).'.';
        }
        $ligament = array_filter(
            [...$likely, ...$open, ...$fine],
            static fn (ConditionVerdict $verdict): bool => $verdict->condition->isLigament()
                && $verdict->condition !== Condition::Plc,
        );
        if ($ligament !== []) {
            array_unshift($sentences, 'Ligaments are the bands that hold a knee together.');
        }

        return $sentences === [] ? [] : [...$sentences, 'These are chances, not a diagnosis.'];
    }

    /**
     * @return list<string>
     */
    private function untilThen(): array
    {
        $advice = $this->plan->conduct->advice;
        $chest = $this->bearings->raised(Rule::ChestSigns);

        return array_values(array_filter([
            $this->weight(),
            $advice->knee,
            $advice->knee === ''
                || $this->plan->support->type !== SupportType::Immobiliser ? PlainWords::wear(
                    $this->plan->support->type,
                    $this->plan->support->range,
                ) : '',
            $chest ? '' : $this->bend(),
            $this->sport(),
            $this->drive(),
        ], static fn (string $sentence): bool => $sentence !== ''));
    }

    private function weight(): string
    {
        $weight = $this->plan->conduct->advice->weight;
        $crutches = $this->plan->support->crutches;

        return match (true) {
            $weight !== null && ! ($weight->value === 'as_it_allows' && $crutches) => $weight->words(),
            $crutches => 'Use crutches until you walk without a limp.',
            $this->plan->conduct->walksFreely => 'You may walk freely.',
            default => 'Walk as far as it does not hurt.',
        };
    }

    private function bend(): string
    {
        $bend = $this->plan->conduct->advice->bend;

        return match (true) {
            $bend !== null => $bend->words(),
            \in_array(
                $this->plan->support->type,
                [SupportType::Immobiliser, SupportType::ExtensionSplintCalfSupport, SupportType::AsFound],
                true,
            ) => 'Do not bend the knee until you are told to.',
            $this->plan->support->type === SupportType::HingedLimited => 'Bend it only as far as the brace lets you.',
            default => 'Bend and straighten it gently, as far as it does not hurt.',
        };
    }

    private function sport(): string
    {
        $status = $this->plan->availability;

        return match (true) {
            $status->status === AvailabilityStatus::Out => 'No sport for now.',
            $this->plan->play->answer === PlayAnswer::MayContinueSupported => 'You may go on with a sleeve; stop if '
                .'it hurts more, swells or gives way.',
            $this->plan->play->answer === PlayAnswer::MayContinue => 'You may go on with your sport today; stop if '
                .'it hurts, swells or gives way.',
            $status->status === AvailabilityStatus::Modified => 'In sport leave out '.PlainWords::list($status
                ->notThis).'. You may do '.PlainWords::list($status->thisYes).'.',
            default => 'You may do your sport.',
        };
    }

    private function drive(): string
    {
        $examination = $this->bearings->examination;
        if ($examination->isUnder(self::DRIVING_AGE)) {
            return '';
        }
        $right = $this->plan->support->crutches && $examination->hurtSide->value === 'right';
        $stuck = $examination->safety->isTrue(SafetyKey::LockedShort) || $this->bearings->raised(Rule::LockedKnee);
        if (
            $this->plan->conduct->advice->drive === false
            || $right
            || $stuck
            || $this->plan->support->type->stopsDriving()
        ) {
            return 'Do not drive.';
        }

        return $this->plan->conduct->walksFreely
            && $this->plan->availability->status === AvailabilityStatus::Available ? '' : 'Drive only when you can '
                .'brake hard without pain.';
    }

    /**
     * @return list<string>
     */
    private function next(): array
    {
        return array_values(array_filter([Next::sentence($this->plan->sendOn), ...$this->review()]));
    }

    /**
     * @return list<string>
     */
    private function review(): array
    {
        $again = $this->plan->lookAgain;
        if ($again === null) {
            return $this->plan->sendOn === [] ? ['Come back if it does not get better.'] : [];
        }
        $days = match (true) {
            $again->after === LookAgain::SEEN_THERE => 'After that we decide together when to look again.',
            $again->after === LookAgain::RESULT => 'We look at the knee again when the result is there, within '
                ."{$again->to} days.",
            $again->from === null => '',
            $again->from === $again->to => "We look at the knee again in {$again->from} days.",
            default => "We look at the knee again in {$again->from} to {$again->to} days.",
        };

        return array_values(array_filter([$again->hours, $days]));
    }

    /**
     * @return list<string>
     */
    private function call(): array
    {
        $calls = [];
        foreach ($this->bearings->gate->lines as $line) {
            $call = $line->sheet->call;
            if ($call !== '') {
                $calls[] = "Call at once if {$call}.";
            }
        }
        $worn = \in_array(
            $this->plan->support->type,
            [SupportType::Immobiliser, SupportType::HingedLimited, SupportType::ExtensionSplintCalfSupport],
            true,
        );

        return array_values(array_unique([
            ...$calls,
            $this->mayWaitForMore() ? self::CALL : self::WORSE_CALL,
            ...($worn ? [self::WORN_CALL] : []),
        ]));
    }

    /** Nobody who must not stand, or is stuck already, is told to wait until they cannot stand, or are stuck. */
    private function mayWaitForMore(): bool
    {
        return ! $this->bearings->gate->isToday()
            && ! $this->bearings->raised(Rule::LockedKnee)
            && $this->plan->conduct->advice->weight?->mayStand() !== false;
    }
}

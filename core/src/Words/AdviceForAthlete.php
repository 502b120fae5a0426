<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\LookAgain;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Safety\Bend;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Safety\Weight;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\Consideration;

/**
 * What an athlete does until someone looks again, and when to call. Limits are working estimates.
 *
 * @internal
 */
final readonly class AdviceForAthlete
{
    private const DRIVING_AGE = 17;

    private const MEANWHILE = 2;

    private const STRAIGHT = [
        SupportType::Immobiliser, SupportType::ExtensionSplintCalfSupport, SupportType::AsFound,
    ];

    public function __construct(private Bearings $bearings, private Plan $plan)
    {
    }

    /**
     * @return list<Sentence>
     */
    public function untilThen(): array
    {
        if ($this->bearings->isSoundBaseline()) {
            return [new Sentence('sport.free')];
        }
        $advice = $this->plan->conduct->advice;
        $chest = $this->bearings->raised(SafetyRule::ChestSigns);

        return array_values(array_filter([
            $this->weight(),
            $advice->knee,
            $advice->knee === null || $this->plan->support->type !== SupportType::Immobiliser
                ? PlainWords::wear($this->plan->support)
                : null,
            $chest ? null : $this->bend(),
            ...$this->sport(),
            ...$this->meanwhile(),
            $this->drive(),
        ]));
    }

    /**
     * What is done with load, range and strength until the next look: of what was named, the first two.
     *
     * @return list<Sentence>
     */
    private function meanwhile(): array
    {
        if ($this->bearings->gate->lines !== [] || $this->plan->support->crutches) {
            return [];
        }
        $named = array_map(static fn (Consideration $other): ?Sentence => $other->meanwhile, $this->bearings->also);
        $meniscus = array_filter(
            [Condition::MedialMeniscus, Condition::LateralMeniscus],
            fn (Condition $condition): bool => $this->bearings->results->hasOwnPositive($condition)
                && ! $this->bearings->of($condition)->isWithheld(),
        );

        return \array_slice(
            Sentence::once(array_values(array_filter([
                $meniscus === [] ? null : new Sentence('meanwhile.meniscus'), ...$named,
            ]))),
            0,
            self::MEANWHILE,
        );
    }

    private function weight(): Sentence
    {
        $weight = $this->plan->conduct->advice->weight;
        $crutches = $this->plan->support->crutches;

        return match (true) {
            $weight !== null && ! ($weight === Weight::AsItAllows && $crutches) => $weight->advice(),
            $crutches => new Sentence('weight.until_no_limp'),
            $this->plan->conduct->walksFreely => new Sentence('weight.free'),
            default => new Sentence('weight.until_it_hurts'),
        };
    }

    private function bend(): Sentence
    {
        $type = $this->plan->support->type;

        return match (true) {
            $this->plan->conduct->advice->bend !== null => $this->plan->conduct->advice->bend->advice(),
            \in_array($type, self::STRAIGHT, true) => Bend::DoNot->advice(),
            $type === SupportType::HingedLimited => new Sentence('bend.brace'),
            default => new Sentence('bend.gently'),
        };
    }

    /**
     * @return list<Sentence>
     */
    private function sport(): array
    {
        $availability = $this->plan->availability;

        return match (true) {
            $availability->status === AvailabilityStatus::Out => [new Sentence('sport.none')],
            $this->plan->play->answer === PlayAnswer::MayContinueSupported => [new Sentence('sport.sleeve')],
            $this->plan->play->answer === PlayAnswer::MayContinue => [new Sentence('sport.go_on')],
            $this->plan->support->crutches => $this->sportAfterCrutches(),
            $availability->status === AvailabilityStatus::Modified => [
                new Sentence('sport.leave_out', ['not' => Activity::names($availability->avoid)]),
                ...($availability->allowed === []
                    ? []
                    : [new Sentence('sport.may_do', ['yes' => Activity::names($availability->allowed)])]),
            ],
            default => [new Sentence('sport.free')],
        };
    }

    /**
     * Who is told to use crutches is not told to run.
     *
     * @return list<Sentence>
     */
    private function sportAfterCrutches(): array
    {
        $availability = $this->plan->availability;
        $not = Activity::names($availability->avoid);
        $yes = Activity::names($availability->allowed);

        return [new Sentence('sport.not_while_limping'), ...match (true) {
            $availability->status !== AvailabilityStatus::Modified => [],
            $yes === [] => [new Sentence('sport.then_leave_out', ['not' => $not])],
            default => [new Sentence('sport.then_leave_out_may_do', ['not' => $not, 'yes' => $yes])],
        }];
    }

    private function drive(): ?Sentence
    {
        $examination = $this->bearings->examination;
        if ($examination->isUnder(self::DRIVING_AGE)) {
            return null;
        }
        $right = $this->plan->support->crutches && $examination->hurtSide === Side::Right;
        $stuck = $examination->safety->isTrue(SafetyKey::LockedShort) || $this->bearings->raised(SafetyRule::LockedKnee);
        if (
            $this->plan->conduct->advice->drive === false
            || $right
            || $stuck
            || $this->plan->support->type->stopsDriving()
        ) {
            return new Sentence('drive.do_not');
        }

        return $this->plan->conduct->walksFreely
            && $this->plan->availability->status === AvailabilityStatus::Available
            ? null
            : new Sentence('drive.braking');
    }

    /**
     * @return list<Sentence>
     */
    public function next(): array
    {
        return [...Next::sentences($this->plan->sendOn), ...$this->review()];
    }

    /**
     * @return list<Sentence>
     */
    private function review(): array
    {
        $again = $this->plan->lookAgain;
        if ($again === null) {
            return $this->plan->sendOn === [] && ! $this->bearings->isSoundBaseline()
                ? [new Sentence('review.if_no_better')]
                : [];
        }
        $days = match (true) {
            $again->after === LookAgain::SEEN_THERE => new Sentence('review.decided_there'),
            $again->to === null => null,
            $again->after === LookAgain::RESULT => new Sentence('review.with_result', ['days' => $again->to]),
            $again->from === null => null,
            $again->from === $again->to => new Sentence('review.in', ['days' => $again->from]),
            default => new Sentence('review.between', ['from' => $again->from, 'to' => $again->to]),
        };

        return array_values(array_filter([$again->hours(), $days]));
    }

    /**
     * @return list<Sentence>
     */
    public function call(): array
    {
        $calls = [];
        foreach ($this->bearings->gate->lines as $line) {
            $calls[] = $line->sheet->call;
        }
        $worn = \in_array(
            $this->plan->support->type,
            [SupportType::Immobiliser, SupportType::HingedLimited, SupportType::ExtensionSplintCalfSupport],
            true,
        );

        return Sentence::once(array_values(array_filter([
            ...$calls,
            new Sentence($this->mayWaitForMore() ? 'call.wait' : 'call.worse'),
            $worn ? new Sentence('call.worn') : null,
        ])));
    }

    /** Nobody who must not stand, or is stuck already, is told to wait until they cannot stand, or are stuck. */
    private function mayWaitForMore(): bool
    {
        return ! $this->bearings->gate->isToday()
            && ! $this->bearings->raised(SafetyRule::LockedKnee)
            && $this->plan->conduct->advice->weight?->mayStand() !== false;
    }
}

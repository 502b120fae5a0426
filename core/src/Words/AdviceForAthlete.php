<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\LookAgain;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\Consideration;

/**
 * What an athlete does until somebody looks again, and when to call. Limits are working estimates.
 *
 * @internal
 */
final readonly class AdviceForAthlete
{
    private const DRIVING_AGE = 17;

    /** Said of a meniscus that nobody operates on yet. Working estimate. */
    private const MENISCUS = 'Keep the knee moving and strengthen the thigh, as far as it does not hurt; cycling with '
        .'little load is fine where it is free of pain. Do not squat deep, kneel, or twist on the bent knee.';

    private const MEANWHILE = 2;

    private const CALL = 'Call us if the knee locks, gives way, or you cannot stand on it.';

    /** Who must not stand, or is stuck already, is not told to wait for that. */
    private const WORSE_CALL = 'Call us if the swelling grows, or anything else gets worse.';

    private const WORN_CALL = 'Call at once if your calf swells or hurts. If you get short of breath, call an '
        .'ambulance.';

    public function __construct(private Bearings $bearings, private Plan $plan)
    {
    }

    /**
     * @return list<string>
     */
    public function untilThen(): array
    {
        if ($this->bearings->isSoundBaseline()) {
            return ['You may do your sport.'];
        }
        $advice = $this->plan->conduct->advice;
        $chest = $this->bearings->raised(SafetyRule::ChestSigns);

        return array_values(array_filter([
            $this->weight(),
            $advice->knee,
            $advice->knee === '' || $this->plan->support->type !== SupportType::Immobiliser
                ? PlainWords::wear($this->plan->support)
                : '',
            $chest ? '' : $this->bend(),
            $this->sport(),
            ...$this->meanwhile(),
            $this->drive(),
        ], static fn (string $sentence): bool => $sentence !== ''));
    }

    /**
     * What is done with load, range and strength until the next look: of what was named, the first two.
     *
     * @return list<string>
     */
    private function meanwhile(): array
    {
        if ($this->bearings->gate->lines !== [] || $this->plan->support->crutches) {
            return [];
        }
        $named = array_map(static fn (Consideration $other): string => $other->meanwhile, $this->bearings->also);
        $meniscus = array_filter(
            [Condition::MedialMeniscus, Condition::LateralMeniscus],
            fn (Condition $condition): bool => $this->bearings->results->hasOwnPositive($condition)
                && ! $this->bearings->of($condition)->isWithheld(),
        );

        return \array_slice(
            array_values(array_unique(array_filter([$meniscus === [] ? '' : self::MENISCUS, ...$named]))),
            0,
            self::MEANWHILE,
        );
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
                .'it hurts more, swells or gives way.',
            $this->plan->support->crutches => $this->sportAfterCrutches(),
            $status->status === AvailabilityStatus::Modified => 'In sport leave out '
                .PlainWords::list($status->notThis).'.'.($status->thisYes === []
                    ? ''
                    : ' You may do '.PlainWords::list($status->thisYes).'.'),
            default => 'You may do your sport.',
        };
    }

    /** Who is told to use crutches is not told to run. */
    private function sportAfterCrutches(): string
    {
        $status = $this->plan->availability;
        $then = $status->status === AvailabilityStatus::Modified
            ? ' Then leave out '.PlainWords::list($status->notThis).($status->thisYes === []
                ? '.'
                : '; you may do '.PlainWords::list($status->thisYes).'.')
            : '';

        return 'No sport before you walk without a limp.'.$then;
    }

    private function drive(): string
    {
        $examination = $this->bearings->examination;
        if ($examination->isUnder(self::DRIVING_AGE)) {
            return '';
        }
        $right = $this->plan->support->crutches && $examination->hurtSide->value === 'right';
        $stuck = $examination->safety->isTrue(SafetyKey::LockedShort) || $this->bearings->raised(SafetyRule::LockedKnee);
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
    public function next(): array
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
            return $this->plan->sendOn === [] && ! $this->bearings->isSoundBaseline() ? ['Come back if it does not get better.'] : [];
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
    public function call(): array
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
            && ! $this->bearings->raised(SafetyRule::LockedKnee)
            && $this->plan->conduct->advice->weight?->mayStand() !== false;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\Matters;

/**
 * What a coach may know: whether to count on the athlete, what not to do and what to do, and nothing medical.
 *
 * @internal
 */
final readonly class Availability
{
    /**
     * @param  list<string>  $notThis
     * @param  list<string>  $thisYes
     */
    private function __construct(public AvailabilityStatus $status, public array $notThis, public array $thisYes)
    {
    }

    /**
     * @param  list<Referral>  $sendOn
     */
    public static function of(Bearings $bearings, array $sendOn, Support $support, Play $play, ?LookAgain $again): self
    {
        if (self::isOut($bearings, $sendOn, $support, $play)) {
            return new self(AvailabilityStatus::Out, [], []);
        }
        if ($play->answer === PlayAnswer::MayContinue || $bearings->isSoundBaseline()) {
            return new self(AvailabilityStatus::Available, [], []);
        }
        // Nobody is told to count on an athlete who is told to walk on crutches.
        $modified = $play->answer === PlayAnswer::MayContinueSupported || $sendOn !== [] || $again !== null
            || $support->crutches
            || $bearings->gate->lines !== [] || $bearings->also !== [] || Matters::of($bearings) !== [];

        return $modified
            ? new self(
                AvailabilityStatus::Modified,
                self::notThis($bearings, $play),
                ['cycling', 'running straight without a limp', 'upper-body training'],
            )
            : new self(AvailabilityStatus::Available, [], []);
    }

    /**
     * @param  list<Referral>  $sendOn
     */
    private static function isOut(Bearings $bearings, array $sendOn, Support $support, Play $play): bool
    {
        foreach ($bearings->gate->lines as $line) {
            if ($line->urgency === null || $line->urgency->rank() <= Urgency::Days->rank()) {
                return true;
            }
        }
        foreach ($sendOn as $referral) {
            if ($referral->within->rank() <= Within::TwoWeeks->rank()) {
                return true;
            }
        }
        $torn = array_filter(
            Condition::cases(),
            static fn (Condition $condition): bool => $condition->isStructural() && $bearings->atAct($condition)
                && $bearings->grade($condition) >= 2,
        );

        return $torn !== [] || $play->answer === PlayAnswer::Stop
            || ! \in_array(
                $support->type,
                [SupportType::None, SupportType::HingedSleeve, SupportType::FunctionalHinged],
                true,
            );
    }

    /**
     * @return list<string>
     */
    private static function notThis(Bearings $bearings, Play $play): array
    {
        if ($play->answer === PlayAnswer::MayContinueSupported) {
            return ['contact without the support'];
        }
        $front = $bearings->atAct(Condition::PatellofemoralPain) || $bearings->front->supported();
        $meniscus = $bearings->standing->hasOwnPositive(Condition::MedialMeniscus)
            || $bearings->standing->hasOwnPositive(Condition::LateralMeniscus);

        return array_values(array_filter([
            'cutting',
            'jumping',
            $bearings->isAfterInjury() ? 'contact' : '',
            $front || $meniscus ? 'full bend under load' : '',
        ]));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\Matters;

/**
 * What a coach may know: whether to count on the athlete, what not to do and what to do, and nothing medical.
 * A knee with an abnormal finding is never available. Limits are working estimates.
 *
 * @internal
 */
final readonly class AvailabilityForCoach
{
    /** Below this age (years) nobody is told to train. */
    private const TRAINS_FROM = 7;

    private const PAINFUL = 5.0;

    /**
     * @param  list<Activity>  $avoid
     * @param  list<Activity>  $allowed
     */
    private function __construct(public AvailabilityStatus $status, public array $avoid, public array $allowed)
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
        if (self::isSound($bearings, $sendOn, $support, $play, $again)) {
            return new self(AvailabilityStatus::Available, [], []);
        }

        return new self(AvailabilityStatus::Modified, self::avoid($bearings, $play), self::allowed($bearings));
    }

    /**
     * @param  list<Referral>  $sendOn
     */
    private static function isSound(
        Bearings $bearings,
        array $sendOn,
        Support $support,
        Play $play,
        ?LookAgain $again,
    ): bool {
        if ($bearings->abnormal !== [] || $bearings->awaitsClearance() || $sendOn !== []) {
            return false;
        }
        if ($play->answer === PlayAnswer::MayContinue || $bearings->isSoundBaseline()) {
            return true;
        }

        // Nobody is told to count on an athlete who is told to walk on crutches.
        return $play->answer !== PlayAnswer::MayContinueSupported && $again === null && ! $support->crutches
            && $bearings->gate->lines === [] && $bearings->also === [] && Matters::of($bearings) === [];
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
            static fn (Condition $condition): bool => $condition->isStructural() && $bearings->of($condition)->isTreatedAsTorn()
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
     * @return list<Activity>
     */
    private static function avoid(Bearings $bearings, Play $play): array
    {
        if ($play->answer === PlayAnswer::MayContinueSupported) {
            return [Activity::ContactUnsupported];
        }
        if ($bearings->examination->isUnder(self::TRAINS_FROM)) {
            return [Activity::Running, Activity::Jumping];
        }
        $front = $bearings->atAct(Condition::PatellofemoralPain) || $bearings->front->supported();
        $meniscus = $bearings->results->today->hasOwnPositive(Condition::MedialMeniscus)
            || $bearings->results->today->hasOwnPositive(Condition::LateralMeniscus);

        return array_values(array_filter([
            Activity::Cutting,
            Activity::Jumping,
            $bearings->isAfterInjury() ? Activity::Contact : null,
            $front || $meniscus ? Activity::FullBendLoaded : null,
        ]));
    }

    /**
     * Only what this knee can do.
     *
     * @return list<Activity>
     */
    private static function allowed(Bearings $bearings): array
    {
        $knee = $bearings->knee;
        if ($bearings->examination->isUnder(self::TRAINS_FROM)) {
            return [];
        }
        $barred = $knee->is(Fact::Limps)
            || $bearings->gate->isToday()
            || $knee->is(Fact::Lost20)
            || ($bearings->examination->history->painActivity ?? 0.0) >= self::PAINFUL
            || ($bearings->examination->history->painNow ?? 0.0) >= self::PAINFUL;
        $running = ! $barred && ! $knee->is(Fact::ImpactHurts);

        return array_values(array_filter([
            $barred ? null : Activity::Cycling,
            $running ? Activity::RunningStraight : null,
            Activity::UpperBody,
        ]));
    }
}

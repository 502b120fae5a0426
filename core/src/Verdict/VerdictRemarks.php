<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Inference\Model\Zone;

/**
 * What is worth saying once everything is known: contradictions, what was taken against a rule, what is missing.
 * Limits are working estimates.
 *
 * @internal
 */
final class VerdictRemarks
{
    private const PAINFUL = 3.0;

    private const VERY_PAINFUL = 5.0;

    private const FRESH_DAYS = 14;

    /**
     * @return list<Remark>
     */
    public static function of(Bearings $bearings): array
    {
        return array_values(array_filter([
            $bearings->gate->ageIsMissing
                ? Remark::of('age_not_given')
                : null,
            $bearings->examination->dayIsMissing
                ? Remark::of('day_missing', ['day' => KneeExamination::DAY_TAKEN])
                : null,
            $bearings->examination->settingMoved
                ? Remark::of('setting_follows_days')
                : null,
            self::disagreement($bearings),
            self::againstRules($bearings),
            self::lag($bearings),
            self::otherKnee($bearings),
            self::baseline($bearings),
            $bearings->examination->pulseWasMissing()
                ? Remark::of('pulse_missing_once')
                : null,
            ...self::lachman($bearings),
            self::swelling($bearings),
            self::restPain($bearings),
            $bearings->examination->episode->implant === Implant::Partial
                ? Remark::of('partial_implant')
                : null,
            self::otherSource($bearings),
            ...array_map(
                static fn (string $id): Remark => Remark::of('tests_disagree', ['condition' => Condition::from($id)->label()]),
                $bearings->disagree,
            ),
            ...PastRemarks::of($bearings),
        ]));
    }

    private static function disagreement(Bearings $bearings): ?Remark
    {
        $keys = $bearings->gate->signs->disagreements();
        $names = array_map(static fn (SafetyKey $key): string => $key->words(), $keys);

        return $keys === []
            ? null
            : Remark::of('gate_and_hand_disagree', ['findings' => $names]);
    }

    private static function againstRules(Bearings $bearings): ?Remark
    {
        $names = [];
        foreach ($bearings->examination->records as $record) {
            $hold = $bearings->holds->against($record);
            if ($hold !== null && $record->side !== $bearings->examination->hurtSide->opposite()) {
                $names[$hold->label($bearings->gate->book)][] = $record->manoeuvre->card->name;
            }
        }
        $shown = array_map(
            static fn (string $hold, array $of): Sentence => new Sentence(
                'withheld.by',
                ['manoeuvres' => $of, 'hold' => $hold],
            ),
            array_keys($names),
            $names,
        );

        return $names === []
            ? null
            : Remark::of('recorded_against_rule', ['tests' => $shown]);
    }

    private static function lag(Bearings $bearings): ?Remark
    {
        $alone = $bearings->knee->is(Fact::Lag)
            && $bearings->hasFluid()
            && ! $bearings->raised(SafetyRule::ExtensorRupture);

        return $alone
            ? Remark::of('lag_with_fluid')
            : null;
    }

    private static function otherKnee(Bearings $bearings): ?Remark
    {
        foreach ($bearings->results->today->results as $result) {
            if ($result->exclusion === Exclusion::OtherKneeNotNormal || ($result->reading->provisional
                && $bearings->examination->otherKneeReliable

                    && $result->reading->record !== null
                    && $bearings->examination->other($result->reading->record->manoeuvre->id) !== null)) {
                return Remark::of('other_knee_not_normal');
            }
        }

        return null;
    }

    private static function baseline(Bearings $bearings): ?Remark
    {
        $on = $bearings->examination->baseline?->on;

        return $on !== null && $bearings->grading->comparesWithBaseline()
            ? Remark::of('compared_with_baseline', ['day' => $on])
            : null;
    }

    /**
     * @return list<Remark|null>
     */
    private static function lachman(Bearings $bearings): array
    {
        $result = $bearings->results->today->result('lachman');
        $pain = $result?->reading->record?->pain();
        $level = $result?->isPositive() === true ? $result->reading->level : null;

        return [
            $level === Level::Slight
                && $pain >= self::PAINFUL ? Remark::of('painful_and_slight') : null,
            $result?->isNegative() === true && $pain >= self::VERY_PAINFUL ? Remark::of('painful_and_firm') : null,
            $level === Level::Gross
                && $pain === 0.0 ? Remark::of('painless_and_gross') : null,
            $bearings->knee->is(Fact::LachmanGoesBackward)
                ? Remark::of('lachman_backward')
                : null,
        ];
    }

    private static function swelling(Bearings $bearings): ?Remark
    {
        $rapid = $bearings->examination->history->swellingOnset === SwellingOnset::WithinTwoHours;

        return $rapid && $bearings->knee->is(Fact::SweepEmpty) && ! $bearings->hasFluid()
            ? Remark::of('swelling_told_sweep_empty')
            : null;
    }

    private static function restPain(Bearings $bearings): ?Remark
    {
        $early = $bearings->gate->signs->yes(SafetyKey::NightOrRestPain)
            && $bearings->examination->injuredWithin(self::FRESH_DAYS)
            && ! $bearings->raised(SafetyRule::RestPain);

        return $early
            ? Remark::of('rest_pain_early')
            : null;
    }

    private static function otherSource(Bearings $bearings): ?Remark
    {
        $verdict = $bearings->of(Condition::PatellofemoralPain);
        $held = $verdict->chance->zone === Zone::Act && $verdict->zone === ConditionZone::Investigate;

        return $held
            ? Remark::of('other_source_first')
            : null;
    }
}

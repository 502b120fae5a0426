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
                ? new Remark(
                    'age_not_given',
                    'The age is not given: rules for the young and from 55 on cannot be judged.',
                )
                : null,
            $bearings->examination->dayIsMissing
                ? new Remark(
                    'day_missing',
                    'The history has an injury, but not its day: enter it. Until then the knee is judged as on day '
                        .KneeExamination::DAY_TAKEN.', and weighed as one without an injury.',
                )
                : null,
            $bearings->examination->settingMoved
                ? new Remark(
                    'setting_follows_days',
                    'The setting follows the days since the injury; give a reason to choose another.',
                )
                : null,
            self::disagreement($bearings),
            self::againstRules($bearings),
            self::lag($bearings),
            self::otherKnee($bearings),
            self::baseline($bearings),
            $bearings->examination->pulseWasMissing()
                ? new Remark(
                    'pulse_missing_once',
                    'The pulse was missing once: it stays an emergency, even when it is felt again.',
                )
                : null,
            ...self::lachman($bearings),
            self::swelling($bearings),
            self::restPain($bearings),
            $bearings->examination->episode->implant === Implant::Partial
                ? new Remark(
                    'partial_implant',
                    'A part of this joint was replaced: the chances of the rest are provisional.',
                )
                : null,
            self::otherSource($bearings),
            ...array_map(
                static fn (string $id): Remark => new Remark(
                    'tests_disagree',
                    'Tests of the '.Condition::from($id)->label().' disagree: do both again.',
                ),
                $bearings->disagree,
            ),
            ...PastRemarks::of($bearings),
        ]));
    }

    private static function disagreement(Bearings $bearings): ?Remark
    {
        $keys = $bearings->gate->signs->disagreements();
        $names = implode(', ', array_map(static fn (SafetyKey $key): string => $key->words(), $keys));

        return $keys === []
            ? null
            : new Remark(
                'gate_and_hand_disagree',
                "The safety check and the examination disagree on {$names}: yes counts. Re-examine.",
            );
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
            static fn (string $hold, array $of): string => implode(', ', $of)." ({$hold})",
            array_keys($names),
            $names,
        );

        return $names === []
            ? null
            : new Remark('recorded_against_rule', 'Recorded although withheld: '.implode('; ', $shown).'.');
    }

    private static function lag(Bearings $bearings): ?Remark
    {
        $alone = $bearings->knee->is(Fact::Lag)
            && $bearings->hasFluid()
            && ! $bearings->raised(SafetyRule::ExtensorRupture);

        return $alone
            ? new Remark(
                'lag_with_fluid',
                'The knee cannot be held straight, and there is an effusion, which alone may cause this. Test it '
                    .'again in a few days.',
            )
            : null;
    }

    private static function otherKnee(Bearings $bearings): ?Remark
    {
        foreach ($bearings->results->today->results as $result) {
            if ($result->exclusion === Exclusion::OtherKneeNotNormal || ($result->reading->provisional
                && $bearings->examination->otherKneeReliable

                    && $result->reading->record !== null
                    && $bearings->examination->other($result->reading->record->manoeuvre->id) !== null)) {
                return new Remark(
                    'other_knee_not_normal',
                    'The other knee is loose too: an old injury, general laxity, or the sides swapped? You can mark '
                        .'it as not reliable.',
                );
            }
        }

        return null;
    }

    private static function baseline(Bearings $bearings): ?Remark
    {
        $on = $bearings->examination->baseline?->on->format('j F Y');

        return $bearings->grading->comparesWithBaseline()
            ? new Remark(
                'compared_with_baseline',
                "The other knee is no fair comparison: the baseline of this knee of {$on} is used instead.",
            )
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
                && $pain >= self::PAINFUL ? new Remark(
                    'painful_and_slight',
                    'Lachman painful and slightly loose: a partial tear is possible.',
                ) : null,
            $result?->isNegative() === true && $pain >= self::VERY_PAINFUL ? new Remark(
                'painful_and_firm',
                'Lachman firm but very painful: the muscles may hide a tear. Do it again.',
            ) : null,
            $level === Level::Gross
                && $pain === 0.0 ? new Remark(
                    'painless_and_gross',
                    'Lachman grossly loose without pain: a complete or an old tear.',
                ) : null,
            $bearings->knee->is(Fact::LachmanGoesBackward)
                ? new Remark('lachman_backward', 'In the Lachman the shin goes backward as well: look for a sag.')
                : null,
        ];
    }

    private static function swelling(Bearings $bearings): ?Remark
    {
        $rapid = $bearings->examination->history->swellingOnset === SwellingOnset::WithinTwoHours;

        return $rapid && $bearings->knee->is(Fact::SweepEmpty) && ! $bearings->hasFluid()
            ? new Remark(
                'swelling_told_sweep_empty',
                'The history has swelling within two hours, but the sweep test is negative: ask again and repeat it.',
            )
            : null;
    }

    private static function restPain(Bearings $bearings): ?Remark
    {
        $early = $bearings->gate->signs->yes(SafetyKey::NightOrRestPain)
            && $bearings->examination->injuredWithin(self::FRESH_DAYS)
            && ! $bearings->raised(SafetyRule::RestPain);

        return $early
            ? new Remark('rest_pain_early', 'Pain at night or at rest so soon after the injury: ask again in 7 to 14 days.')
            : null;
    }

    private static function otherSource(Bearings $bearings): ?Remark
    {
        $verdict = $bearings->of(Condition::PatellofemoralPain);
        $held = $verdict->chance->zone === Zone::Act && $verdict->zone === ConditionZone::Investigate;

        return $held
            ? new Remark(
                'other_source_first',
                'Patellofemoral pain is likely by the figures, but no test of its own is positive, or a finding '
                    .'speaks against it: look for another source first.',
            )
            : null;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Safety\SafetyGate;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\TouchlineStop;

/**
 * Can this athlete go on? Asked on the touchline, or once hopping and running were done; only when everything is known
 * and in order. Limits are working estimates.
 *
 * @internal
 */
final readonly class Play
{
    private const PAIN_LIMIT = 4.0;

    private const ASKED = [
        HistoryItem::Pop, HistoryItem::GivingWay, HistoryItem::KneecapShifted, HistoryItem::Locking,
        HistoryItem::CouldNotContinue,
    ];

    /**
     * @param  list<Sentence>  $why  what speaks against going on; empty when nothing does
     * @param  Sentence|null  $settledBy  what ends the question of the touchline already; null while it is open
     */
    private function __construct(public PlayAnswer $answer, public array $why, public ?Sentence $settledBy = null)
    {
    }

    public static function of(Bearings $bearings, PlayRules $rules): self
    {
        $seen = new FactSubject($bearings->knee, $bearings->results->ofTheKneeNow);
        if (! $rules->areAsked($seen)) {
            return new self(PlayAnswer::NotAsked, []);
        }
        $bleeds = $bearings->examination->episode->bleedingRisk && $bearings->examination->isOnTouchline()
            ? [new Sentence('play.bleeds_easily')]
            : [];
        $settledBy = TouchlineStop::reason($bearings);
        $why = [
            ...$bleeds,
            ...self::gate($bearings->gate),
            ...self::story($bearings->examination),
            ...$rules->againstStructures($seen),
            ...self::ligaments($bearings),
            // Nobody is blamed for not hopping on a knee that must not hop.
            ...($settledBy === null ? $rules->againstFunction($seen) : []),
        ];
        $never = $bearings->isNeverCleared();
        if ($why !== [] && (! $never || $bearings->examination->isOnTouchline())) {
            $first = $settledBy === null ? [] : [$settledBy];

            return new self(PlayAnswer::Stop, Sentence::once([...$first, ...$why]), $settledBy);
        }
        if ($never) {
            return new self(PlayAnswer::NotAsked, [self::neverClears()]);
        }

        // A chance does not enter here: a sore inner side that holds is supported, whatever it is called.
        return $bearings->grade(Condition::Mcl) === 1
            ? new self(
                PlayAnswer::MayContinueSupported,
                [new Sentence('play.mcl_grade_1')],
            )
            : new self(PlayAnswer::MayContinue, []);
    }

    /** Said with every answer. */
    public static function neverClears(): Sentence
    {
        return new Sentence('play.never_clears');
    }

    /**
     * @return list<Sentence>
     */
    private static function gate(SafetyGate $gate): array
    {
        $why = $gate->open ? [] : [new Sentence('play.safety_check_incomplete')];
        if ($gate->lines !== []) {
            $why[] = new Sentence('play.red_flag');
        }

        return $why;
    }

    /**
     * @return list<Sentence>
     */
    private static function story(KneeExamination $examination): array
    {
        $why = [];
        foreach (self::ASKED as $item) {
            $answer = $examination->history->answer($item);
            if ($answer !== false) {
                $why[] = new Sentence("play.{$item->value}".($answer === null ? '.not_asked' : ''));
            }
        }
        $pain = $examination->history->painNow;
        if ($pain === null || $pain >= self::PAIN_LIMIT) {
            $why[] = $pain === null ? new Sentence('play.pain_not_asked') : new Sentence('play.pain');
        }

        return $why;
    }

    /**
     * @return list<Sentence>
     */
    private static function ligaments(Bearings $bearings): array
    {
        $results = $bearings->results->ofTheKneeNow;
        $collaterals = $bearings->catalogue->judgedBy(JudgeKind::Collateral);
        $left = array_filter(
            $collaterals,
            static fn (Manoeuvre $manoeuvre): bool => ! $bearings->knee->done($manoeuvre->id),
        );
        $ungraded = array_filter(
            $collaterals,
            static fn (Manoeuvre $manoeuvre): bool => ! self::wasGraded($results, $manoeuvre->feeds[0] ?? ''),
        );
        $wrong = [
            'play.collaterals_incomplete' => $left !== [],
            'play.collateral_not_valid' => $left === [] && $ungraded !== [],
            'play.lateral_side' => $bearings->grade(Condition::Lcl) > 0,
            'play.medial_side' => $bearings->grade(Condition::Mcl) > 1,
        ];

        return array_values(array_filter([
            ...array_map(static fn (string $code): Sentence => new Sentence($code), array_keys(array_filter($wrong))),
            self::cruciateDoubt($results),
        ]));
    }

    /** A positive that does not count, or an equivocal one, is no negative: on the touchline doubt stops. */
    private static function cruciateDoubt(SettledResults $results): ?Sentence
    {
        $doubt = null;
        foreach ($results->results as $result) {
            $of = $results->signs->ownTestOf($result->reading->sign);
            if ($of?->isCruciate() === true && $result->reading->outcome !== Outcome::Negative) {
                if ($result->counts()) {
                    return new Sentence('play.cruciate_positive');
                }
                $doubt = new Sentence('play.cruciate_unclear');
            }
        }

        return $doubt;
    }

    private static function wasGraded(SettledResults $results, string $sign): bool
    {
        foreach ($results->today->results as $result) {
            if ($result->reading->sign === $sign) {
                return $result->exclusion === null;
            }
        }

        return false;
    }
}

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
    /** Said with every answer. */
    public const NEVER_CLEARS = 'It never clears a return after a cruciate injury.';

    private const PAIN_LIMIT = 4.0;

    private const STORY = [
        'A pop was felt' => HistoryItem::Pop,
        'The knee gave way' => HistoryItem::GivingWay,
        'The kneecap shifted' => HistoryItem::KneecapShifted,
        'The knee locked' => HistoryItem::Locking,
        'The athlete could not continue' => HistoryItem::CouldNotContinue,
    ];

    /**
     * @param  list<string>  $why  what speaks against going on; empty when nothing does
     * @param  string|null  $settledBy  what ends the question of the touchline already, in words; null while it is open
     */
    private function __construct(public PlayAnswer $answer, public array $why, public ?string $settledBy = null)
    {
    }

    public static function of(Bearings $bearings, PlayRules $rules): self
    {
        $seen = new FactSubject($bearings->knee, $bearings->results->ofTheKneeNow);
        if (! $rules->areAsked($seen)) {
            return new self(PlayAnswer::NotAsked, []);
        }
        $bleeds = $bearings->examination->episode->bleedingRisk && $bearings->examination->isOnTouchline()
            ? ['The athlete bleeds easily: look at the knee again within hours.']
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

            return new self(PlayAnswer::Stop, array_values(array_unique([...$first, ...$why])), $settledBy);
        }
        if ($never) {
            return new self(PlayAnswer::NotAsked, [self::NEVER_CLEARS]);
        }

        // A chance does not enter here: a sore inner side that holds is supported, whatever it is called.
        return $bearings->grade(Condition::Mcl) === 1
            ? new self(
                PlayAnswer::MayContinueSupported,
                ['The MCL is sore but firm, grade 1: with a sleeve, and under observation.'],
            )
            : new self(PlayAnswer::MayContinue, []);
    }

    /**
     * @return list<string>
     */
    private static function gate(SafetyGate $gate): array
    {
        $why = $gate->open ? [] : ['The safety check is not complete.'];
        if ($gate->lines !== []) {
            $why[] = 'The safety check raised a red flag.';
        }

        return $why;
    }

    /**
     * @return list<string>
     */
    private static function story(KneeExamination $examination): array
    {
        $why = [];
        foreach (self::STORY as $words => $item) {
            $answer = $examination->history->answer($item);
            if ($answer === null) {
                $why[] = 'Not asked whether '.lcfirst($words).'.';
            } elseif ($answer) {
                $why[] = "{$words}.";
            }
        }
        $pain = $examination->history->painNow;
        if ($pain === null || $pain >= self::PAIN_LIMIT) {
            $why[] = $pain === null ? 'Pain was not asked for.' : 'Pain is 4 or more.';
        }

        return $why;
    }

    /**
     * @return list<string>
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
            'Not all four collateral tests are done.' => $left !== [],
            'A collateral test is not valid.' => $left === [] && $ungraded !== [],
            'The lateral side is not grade 0.' => $bearings->grade(Condition::Lcl) > 0,
            'The MCL is more than grade 1.' => $bearings->grade(Condition::Mcl) > 1,
        ];

        return array_values(array_filter([...array_keys(array_filter($wrong)), self::cruciateDoubt($results)]));
    }

    /** A positive that does not count, or an equivocal one, is no negative: on the touchline doubt stops. */
    private static function cruciateDoubt(SettledResults $results): ?string
    {
        $doubt = null;
        foreach ($results->results as $result) {
            $of = $results->signs->ownTestOf($result->reading->sign);
            if ($of?->isCruciate() === true && $result->reading->outcome !== Outcome::Negative) {
                if ($result->counts()) {
                    return 'A cruciate test is positive.';
                }
                $doubt = 'A cruciate test is not clear.';
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

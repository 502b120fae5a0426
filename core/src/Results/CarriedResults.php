<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Evidence\Libraries;
use GrayCompass\Core\Examination\EarlierVisit;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\GradedVisits;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;

/**
 * What earlier visits of the same episode still say: for each sign the newest valid positive and the newest valid
 * negative, as far as they stand. Days are working estimates.
 *
 * @internal
 */
final readonly class CarriedResults
{
    private const DAYS_IN_A_WEEK = 7;

    public function __construct(
        private KneeExamination $today,
        private GradedVisits $gradings,
        private Libraries $libraries,
        private SignBook $signs,
    ) {
    }

    /**
     * What stands beside today's results. Results that agree count once, by the newest; of two that contradict each
     * other both count, each once.
     *
     * @param  list<SettledResult>  $today  of the history and of today's hands
     * @return list<SettledResult> newest first
     */
    public function beside(array $today): array
    {
        $newest = [];
        foreach ($today as $result) {
            if ($result->counts()) {
                $newest[$result->reading->sign][$result->reading->outcome->value] = $result;
            }
        }
        $carried = [];
        foreach ($this->today->earlier as $visit) {
            foreach ($this->mayAdd($visit, $newest) ? $this->standing($visit, $newest) : [] as $result) {
                $newest[$result->reading->sign][$result->reading->outcome->value] = $result;
                $carried[] = $result;
            }
        }

        return array_values(array_filter($carried, fn (SettledResult $result): bool => ! $this->isOvertaken(
            $result,
            $newest[$result->reading->sign][Outcome::Positive->value] ?? null,
        )));
    }

    /**
     * Whether a visit can have anything left to say. After the longest that a sign stands, only what lasts for the whole
     * episode, and that no more than once.
     *
     * @param  array<string, array<string, SettledResult>>  $newest  by sign and outcome
     */
    private function mayAdd(EarlierVisit $visit, array $newest): bool
    {
        return $visit->daysAgo <= $this->signs->longestCarried() || array_filter(
            $this->signs->carryingPositives(),
            static fn (string $sign): bool => ! isset($newest[$sign][Outcome::Positive->value]),
        ) !== [];
    }

    /**
     * Of one visit what still stands and no newer result says already. A sign's own manoeuvre comes before a borrowed one.
     *
     * @param  array<string, array<string, SettledResult>>  $newest  by sign and outcome
     * @return list<SettledResult>
     */
    private function standing(EarlierVisit $visit, array $newest): array
    {
        if (self::isBeforeOperation($visit, $this->today)) {
            return [];
        }
        $grading = $this->gradings->of($visit);
        $rules = new ExclusionRules($visit->examination(), $grading, $this->libraries->for($visit->examination()), $this->signs);
        $hidden = Hidden::at($visit->examination(), $grading);
        $readings = array_filter($grading->readings, fn (Reading $reading): bool => $reading->record !== null
            && $reading->outcome !== Outcome::Equivocal && $this->stands($reading, $visit));
        usort($readings, static fn (Reading $a, Reading $b): int => $a->borrowed <=> $b->borrowed);
        $times = array_count_values(array_column($readings, 'sign'));
        $standing = $met = [];
        foreach ($readings as $reading) {
            $isNew = ! isset($newest[$reading->sign][$reading->outcome->value]);
            // What is told once and known already need not be settled.
            if (isset($met[$reading->sign]) || (! $isNew && $times[$reading->sign] === 1)
                || $rules->against($reading) !== null) {
                continue;
            }
            $met[$reading->sign] = true;
            if ($isNew) {
                $result = new SettledResult($reading, null);
                $standing[] = $result->carriedFrom($visit, $hidden->mayHide($result));
            }
        }

        return $standing;
    }

    /** A laxity negative of the first days says nothing beside a positive that came later. */
    private function isOvertaken(SettledResult $result, ?SettledResult $positive): bool
    {
        return $positive !== null && $positive !== $result && $result->reading->outcome === Outcome::Negative
            && $this->signs->isLaxity($result->reading->sign) && $result->isOfTheFirstDays()
            && ($positive->visit->daysAgo ?? -1) < ($result->visit->daysAgo ?? -1);
    }

    private function stands(Reading $reading, EarlierVisit $visit): bool
    {
        $sign = $reading->sign;
        $days = $this->signs->carriedDays($sign);
        $isLasting = ($days > 0 && $visit->daysAgo <= $days)
            || ($reading->outcome === Outcome::Positive && $this->signs->carriesPositive($sign));
        if (! $isLasting) {
            return false;
        }
        $of = $this->signs->ownTestOf($sign);

        return $this->signs->isLaxity($sign)
            ? $of === null || $this->today->known->oldTear($of) === null
            : ! self::isBeforeInjection($visit, $this->today);
    }

    /** The knee is not what it was: it was operated on at that visit or since. */
    private static function isBeforeOperation(EarlierVisit $visit, KneeExamination $today): bool
    {
        $days = $today->known->daysSinceOperation();
        $weeks = $today->episode->operated?->weeksAgo;

        return ($days !== null && $days <= $visit->daysAgo)
            || ($weeks !== null && $weeks * self::DAYS_IN_A_WEEK <= $visit->daysAgo);
    }

    /** Pain was treated since: what hurt then may not hurt now. */
    private static function isBeforeInjection(EarlierVisit $visit, KneeExamination $today): bool
    {
        $weeks = $today->episode->injectionWeeksAgo;

        return $weeks !== null && $weeks * self::DAYS_IN_A_WEEK <= $visit->daysAgo;
    }
}

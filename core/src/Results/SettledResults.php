<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\Facts\CountedResults;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Condition;

/**
 * Every reading of the story and of the hurt knee, with what counts and what does not.
 *
 * @internal
 */
final readonly class SettledResults implements CountedResults
{
    /** @var array<string, list<SettledResult>> what counts, by sign, today's first */
    private array $counted;

    /** @var array<string, list<SettledResult>> own tests that count, by condition */
    private array $own;

    /** Without what earlier visits found. */
    public self $today;

    /** Today's, and from earlier visits how far the joint moves: what play, support and advice go by. */
    public self $ofTheKneeNow;

    /**
     * @param  list<SettledResult>  $results  the story first, then in the order done, then earlier visits, newest first
     */
    private function __construct(public array $results, public SignBook $signs)
    {
        $counted = $today = $now = [];
        foreach ($results as $result) {
            $sign = $result->reading->sign;
            // A collateral heals: what opened weeks ago and is firm now does not open now.
            $isOutgrown = isset($counted[$sign]) && $signs->grades($sign)?->isCruciate() === false;
            if ($result->counts()) {
                $counted[$sign][] = $result;
            }
            if (! $result->isCarried()) {
                $today[] = $result;
            }
            if (! $result->isCarried() || ($signs->isLaxity($sign) && ! $isOutgrown)) {
                $now[] = $result;
            }
        }
        $own = [];
        foreach ($counted as $sign => $ofSign) {
            $of = $signs->ownTestOf($sign);
            if ($of !== null) {
                $own[$of->value] = [...$own[$of->value] ?? [], ...$ofSign];
            }
        }
        $this->counted = $counted;
        $this->own = $own;
        $this->today = \count($today) === \count($results) ? $this : new self($today, $signs);
        $this->ofTheKneeNow = \count($now) === \count($results) ? $this : new self($now, $signs);
    }

    /**
     * @param  CarriedResults|null  $carried  what earlier visits found; null: nothing
     */
    public static function of(
        KneeExamination $examination,
        Grading $grading,
        EvidenceLibrary $evidence,
        SignBook $signs,
        ?CarriedResults $carried = null,
    ): self {
        $rules = new ExclusionRules($examination, $grading, $evidence, $signs);
        $readings = [...HistoryReadings::readings($examination, $evidence), ...$grading->readings];
        $exclusions = array_map($rules->against(...), $readings);
        $today = array_map(
            static fn (
                Reading $reading, ?Exclusion $exclusion,
            ): SettledResult => new SettledResult($reading, $exclusion),
            $readings,
            self::onceEach($readings, $exclusions),
        );
        $beside = $carried?->beside($today) ?? [];

        return new self([...self::beforeIts($beside, $today, $signs), ...$beside], $signs);
    }

    /** The newest result of a sign that counts, or null. */
    public function result(string $sign): ?SettledResult
    {
        return $this->counted[$sign][0] ?? null;
    }

    /**
     * The result that lies on the scales under this name, or null.
     *
     * @param  string  $finding  such as lachman or lachman@2026-11-05
     */
    public function weighed(string $finding): ?SettledResult
    {
        foreach ($this->counted[explode('@', $finding)[0]] ?? [] as $result) {
            if ($result->weighedAs() === $finding) {
                return $result;
            }
        }

        return null;
    }

    public function counted(string $sign): ?Outcome
    {
        return $this->result($sign)?->reading->outcome;
    }

    public function isPositive(string ...$signs): bool
    {
        return $this->counts(Outcome::Positive, $signs);
    }

    public function isNegative(string ...$signs): bool
    {
        return $this->counts(Outcome::Negative, $signs);
    }

    /**
     * Laxity that came out one way at one visit and the other way at another.
     *
     * @return list<Contradiction>
     */
    public function contradictions(): array
    {
        $found = [];
        foreach ($this->counted as $sign => $results) {
            if (\count($results) > 1 && $this->signs->isLaxity($sign)) {
                $found[] = $results[0]->isPositive()
                    ? new Contradiction($results[0], $results[1])
                    : new Contradiction($results[1], $results[0]);
            }
        }

        return $found;
    }

    /** A figure of this manoeuvre gave what does not count. */
    public function isStruck(string $manoeuvre): bool
    {
        return $this->flawOf($manoeuvre) !== null;
    }

    /** Why what this manoeuvre gave does not count; null where it does, or gave nothing. */
    public function flawOf(string $manoeuvre): ?Exclusion
    {
        foreach ($this->results as $result) {
            if ($result->exclusion !== null && $result->reading->manoeuvre() === $manoeuvre) {
                return $result->exclusion;
            }
        }

        return null;
    }

    /** An earlier visit found something that still stands. */
    public function hasCarriedPositive(): bool
    {
        return array_filter(
            $this->results,
            static fn (SettledResult $result): bool => $result->isCarried() && $result->isPositive(),
        ) !== [];
    }

    /** Whether an own test of this condition counts. */
    public function isTested(Condition $condition): bool
    {
        return $this->own($condition) !== [];
    }

    /**
     * Own tests of a condition that count.
     *
     * @return list<SettledResult>
     */
    public function own(Condition $condition): array
    {
        return $this->own[$condition->value] ?? [];
    }

    /**
     * @return list<SettledResult>
     */
    public function ownPositives(Condition $condition): array
    {
        return array_values(array_filter(
            $this->own($condition),
            static fn (SettledResult $result): bool => $result->isPositive(),
        ));
    }

    public function hasOwnPositive(Condition $condition): bool
    {
        return $this->ownPositives($condition) !== [];
    }

    /**
     * What moves a chance: the history, then earlier visits from the oldest on, then today's.
     *
     * @return list<SettledResult>
     */
    public function counting(): array
    {
        $told = $carried = $today = [];
        foreach ($this->results as $result) {
            if (! $result->counts()) {
                continue;
            }
            if ($result->isCarried()) {
                array_unshift($carried, $result);
            } elseif ($result->isHandsOn()) {
                $today[] = $result;
            } else {
                $told[] = $result;
            }
        }

        return [...$told, ...$carried, ...$today];
    }

    /**
     * @param  array<string>  $signs
     */
    private function counts(Outcome $outcome, array $signs): bool
    {
        foreach ($signs as $sign) {
            foreach ($this->counted[$sign] ?? [] as $result) {
                if ($result->reading->outcome === $outcome) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Today's results beside what an earlier visit found: a joint that was swollen in this episode is not weighed as one
     * that never was.
     *
     * @param  list<SettledResult>  $carried
     * @param  list<SettledResult>  $today
     * @return list<SettledResult>
     */
    private static function beforeIts(array $carried, array $today, SignBook $signs): array
    {
        $outlasting = [];
        foreach ($carried as $result) {
            if ($signs->carriesPositive($result->reading->sign)) {
                $outlasting[$result->reading->sign] = true;
            }
        }

        return array_map(static fn (SettledResult $result): SettledResult => $result->isNegative()
            && isset($outlasting[$result->reading->sign]) ? $result->without(Exclusion::TooLate) : $result, $today);
    }

    /**
     * Each sign counts once: by its own manoeuvre before a borrowed one, then by the first.
     *
     * @param  list<Reading>  $readings
     * @param  list<Exclusion|null>  $exclusions
     * @return list<Exclusion|null>
     */
    private static function onceEach(array $readings, array $exclusions): array
    {
        $taken = [];
        foreach ([false, true] as $borrowed) {
            foreach ($readings as $at => $reading) {
                if (
                    $reading->borrowed !== $borrowed
                    || $exclusions[$at] !== null
                    || $reading->outcome === Outcome::Equivocal
                ) {
                    continue;
                }
                if (isset($taken[$reading->sign])) {
                    $exclusions[$at] = Exclusion::DoneTwice;
                }
                $taken[$reading->sign] = true;
            }
        }

        return $exclusions;
    }
}

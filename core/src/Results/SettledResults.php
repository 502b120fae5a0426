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
    /** @var array<string, SettledResult> what counts, by sign */
    private array $counted;

    /**
     * @param  list<SettledResult>  $results  the story first, then in the order done
     */
    private function __construct(public array $results, public SignBook $signs)
    {
        $counted = [];
        foreach ($results as $result) {
            if ($result->counts()) {
                $counted[$result->reading->sign] = $result;
            }
        }
        $this->counted = $counted;
    }

    public static function of(
        KneeExamination $examination,
        Grading $grading,
        EvidenceLibrary $evidence,
        SignBook $signs,
    ): self {
        $rules = new ExclusionRules($examination, $grading, $evidence);
        $readings = [...HistoryReadings::readings($examination, $evidence), ...$grading->readings];
        $exclusions = array_map($rules->against(...), $readings);

        return new self(array_map(
            static fn (
                Reading $reading, ?Exclusion $exclusion,
            ): SettledResult => new SettledResult($reading, $exclusion),
            $readings,
            self::onceEach($readings, $exclusions),
        ), $signs);
    }

    /** The result of a sign that counts, or null. */
    public function result(string $sign): ?SettledResult
    {
        return $this->counted[$sign] ?? null;
    }

    public function counted(string $sign): ?Outcome
    {
        return ($this->counted[$sign] ?? null)?->reading->outcome;
    }

    public function isPositive(string ...$signs): bool
    {
        foreach ($signs as $sign) {
            if ($this->counted($sign) === Outcome::Positive) {
                return true;
            }
        }

        return false;
    }

    public function isNegative(string ...$signs): bool
    {
        foreach ($signs as $sign) {
            if ($this->counted($sign) === Outcome::Negative) {
                return true;
            }
        }

        return false;
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
        return array_values(array_filter(
            $this->counted,
            fn (SettledResult $result): bool => $this->signs->ownTestOf($result->reading->sign) === $condition,
        ));
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
     * The readings that move a chance.
     *
     * @return list<Reading>
     */
    public function counting(): array
    {
        return array_map(
            static fn (SettledResult $result): Reading => $result->reading,
            array_values(array_filter($this->results, static fn (SettledResult $result): bool => $result->counts())),
        );
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

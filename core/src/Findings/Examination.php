<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

use DateTimeImmutable;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;

/** A whole examination document, checked and typed. */
final class Examination
{
    /**
     * @param  Side  $hurtSide  left or right
     * @param  int|null  $daysSinceInjury  null: came on without an injury
     * @param  float|null  $hoursSinceInjury  for the first day
     * @param  DateTimeImmutable|null  $examinedOn  the day of the examination, where the document tells it
     * @param  list<Record>  $records  in the order of the document, which is the order done
     */
    public function __construct(
        public readonly Setting $setting,
        public readonly Side $hurtSide,
        public readonly Route $route,
        public readonly ?float $timeLimitMin,
        public readonly ?int $daysSinceInjury,
        public readonly ?float $hoursSinceInjury,
        public readonly ?int $ageYears,
        public readonly bool $otherKneeReliable,
        public readonly ?Condition $firstImpression,
        public readonly Opening $opening,
        public readonly Episode $episode,
        public readonly Schools $schools,
        public readonly History $history,
        public readonly SafetyAnswers $safety,
        public readonly array $records,
        public readonly ?DateTimeImmutable $examinedOn = null,
    ) {
    }

    public function isAfterInjury(): bool
    {
        return $this->daysSinceInjury !== null;
    }

    public function injuredWithin(int $days): bool
    {
        return $this->daysSinceInjury !== null && $this->daysSinceInjury <= $days;
    }

    public function phase(): Phase
    {
        return Phase::of($this->daysSinceInjury);
    }

    /** What was measured on the hurt knee, or null when it was not done. */
    public function hurt(string $manoeuvre): ?Record
    {
        return $this->done($manoeuvre, $this->hurtSide);
    }

    /** What was measured on the other knee, or null when it was not done. */
    public function other(string $manoeuvre): ?Record
    {
        return $this->done($manoeuvre, $this->hurtSide->opposite());
    }

    private function done(string $manoeuvre, Side $side): ?Record
    {
        foreach ($this->records as $record) {
            if ($record->manoeuvre->id === $manoeuvre && $record->notDone === null
                && ($record->side === $side || $record->side === Side::Both)) {
                return $record;
            }
        }

        return null;
    }
}

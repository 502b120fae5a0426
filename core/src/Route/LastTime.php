<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Standing\Standing;
use GrayCompass\Core\Standing\StandingResult;

/** What an earlier examination of the same knee left to look at again. */
final class LastTime
{
    /**
     * @param  list<string>  $unsettled  manoeuvres whose result may turn out otherwise
     * @param  list<string>  $notDone  left out, with a reason
     * @param  list<string>  $positive
     */
    public function __construct(
        public readonly array $unsettled,
        public readonly array $notDone,
        public readonly array $positive,
    ) {
    }

    public static function of(Examination $examination, Standing $standing): self
    {
        $unsettled = $notDone = $positive = [];
        foreach ($standing->results as $result) {
            if (! $result->isHandsOn()) {
                continue;
            }
            if (self::isOpen($result)) {
                $unsettled[] = $result->reading->manoeuvre();
            } elseif ($result->reading->sign === Sign::Positive) {
                $positive[] = $result->reading->manoeuvre();
            }
        }
        foreach ($examination->records as $record) {
            if ($record->notDone !== null) {
                $notDone[] = $record->manoeuvre->id;
            }
        }

        return new self(array_values(array_unique($unsettled)), array_values(array_unique($notDone)), array_values(array_unique($positive)));
    }

    /**
     * @return list<string> unsettled, not done, positive: in this order of worth
     */
    public function manoeuvres(): array
    {
        return array_values(array_unique([...$this->unsettled, ...$this->notDone, ...$this->positive]));
    }

    /** Excluded or equivocal: a second try may tell. */
    private static function isOpen(StandingResult $result): bool
    {
        return $result->isOpen || $result->exclusion !== null || $result->reading->sign === Sign::Equivocal;
    }
}

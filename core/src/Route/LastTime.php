<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Verdict\Bearings;

/** What an earlier examination of the same knee left to look at again. */
final readonly class LastTime
{
    /**
     * @param  list<string>  $unsettled  manoeuvres whose result may turn out otherwise
     * @param  list<string>  $notDone  left out, with a reason
     * @param  list<string>  $positive
     */
    public function __construct(
        public array $unsettled,
        public array $notDone,
        public array $positive,
    ) {
    }

    public static function of(Bearings $bearings): self
    {
        $unsettled = $notDone = $positive = [];
        foreach ($bearings->results->today->results as $result) {
            if (! $result->isHandsOn()) {
                continue;
            }
            if (self::isOpen($result, $bearings)) {
                $unsettled[] = $result->reading->manoeuvre();
            } elseif ($result->reading->outcome === Outcome::Positive) {
                $positive[] = $result->reading->manoeuvre();
            }
        }
        foreach ($bearings->examination->records as $record) {
            if ($record->notDone !== null) {
                $notDone[] = $record->manoeuvre->id;
            }
        }

        return new self(
            array_values(array_unique($unsettled)),
            array_values(array_unique($notDone)),
            array_values(array_unique($positive)),
        );
    }

    /**
     * @return list<string> unsettled, not done, positive: in this order of worth
     */
    public function manoeuvres(): array
    {
        return array_values(array_unique([...$this->unsettled, ...$this->notDone, ...$this->positive]));
    }

    /** Excluded, equivocal, or a negative of something that is not settled: a second try may tell. */
    private static function isOpen(SettledResult $result, Bearings $bearings): bool
    {
        $own = $bearings->signs->ownTestOf($result->reading->sign);

        return $result->exclusion !== null || $result->reading->outcome === Outcome::Equivocal
            || ($result->isNegative() && $own !== null && $bearings->of($own)->unsettled);
    }
}

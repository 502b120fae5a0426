<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Safety\Blood;

/**
 * Whether the patella has been out. A knee in which no fluid is found once fluid has had time to come speaks against a
 * first dislocation. Limits are working estimates.
 *
 * @internal
 */
final readonly class Dislocation
{
    private const FLUID_DUE_DAYS = 2;

    private const FLUID_DUE_HOURS = 24.0;

    /**
     * @param  bool  $cameOut  it came out, and this is looked into
     * @param  bool  $bledAgain  it has come out before, and blood is likely this time
     * @param  bool  $wasTold  the athlete tells that it shifted or was put back
     */
    private function __construct(public bool $cameOut, public bool $bledAgain, public bool $wasTold)
    {
    }

    public static function in(KneeExamination $examination, FluidSigns $fluid, Blood $blood): self
    {
        $history = $examination->history;
        $reduced = $history->isYes(HistoryItem::KneecapReduced);
        $shifted = $history->isYes(HistoryItem::KneecapShifted);
        $again = $history->answer(HistoryItem::FirstDislocation) === false;
        $fromHistory = $reduced || ($shifted && ! $again && $history->isYes(HistoryItem::CouldNotContinue));
        $withFluid = ($reduced || $shifted) && ! $again && $fluid->isPositive();
        $bledAgain = ($reduced || $shifted) && $again && $blood->isSuspected();

        return new self(
            $withFluid || ($fromHistory && ! self::isDry($examination, $fluid)),
            $bledAgain,
            $reduced || $shifted,
        );
    }

    private static function isDry(KneeExamination $examination, FluidSigns $fluid): bool
    {
        $hours = $examination->hoursSinceInjury;
        $due = $hours !== null
            ? $hours >= self::FLUID_DUE_HOURS
            : ! $examination->injuredWithin(self::FLUID_DUE_DAYS - 1);

        return $due && $fluid->isNegative();
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\FluidDrawn;
use GrayCompass\Core\Findings\FluidSigns;
use GrayCompass\Core\Findings\SwellingOnset;

/**
 * Whether the fluid in a freshly injured knee is likely blood. Working estimates.
 *
 * @internal
 */
final class Blood
{
    private const DAYS = 21;

    /** Fluid that is there so soon after the injury is blood rather than a joint's own. */
    private const SOON_HOURS = 4.0;

    public static function likely(Examination $examination, FluidSigns $fluid): bool
    {
        if (! $examination->injuredWithin(self::DAYS)) {
            return false;
        }
        $grade = $fluid->grade() ?? 0.0;
        $rapid = $examination->history->swellingOnset === SwellingOnset::WithinTwoHours;
        $hours = $examination->hoursSinceInjury;

        return ($rapid && ($fluid->isPositive() || ! $fluid->wasTried()))
            || ($grade >= 1 && $hours !== null && $hours <= self::SOON_HOURS)
            || ($grade >= 2 && $examination->daysSinceInjury === 0)
            || \in_array($examination->episode->fluidDrawn, [FluidDrawn::Blood, FluidDrawn::BloodAndFat], true);
    }
}

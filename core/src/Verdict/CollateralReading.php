<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Results\SettledResults;

/** What opening at 0° and at 30° says together. */
enum CollateralReading: string
{
    /** Loose slightly bent, firm straight: the collateral alone. */
    case At30Only = 'at_30_only';

    /** Clearly loose straight as well: more than the collateral. */
    case At0Too = 'at_0_too';

    /** Loose slightly bent; nobody tested it straight. */
    case At0NotDone = 'at_0_not_done';

    /** Null when neither is loose. Stress: `valgus` for the medial, `varus` for the lateral side. */
    public static function of(SettledResults $results, string $stress): ?self
    {
        if (self::isLooseStraight($results, $stress)) {
            return self::At0Too;
        }
        if ($results->counted("{$stress}_30_laxity") !== Outcome::Positive) {
            return null;
        }

        return $results->counted("{$stress}_0_laxity") === null ? self::At0NotDone : self::At30Only;
    }

    /** A slight opening of the straight knee is not loose straight. */
    public static function isLooseStraight(SettledResults $results, string $stress): bool
    {
        $straight = $results->result("{$stress}_0_laxity");

        return $straight?->isPositive() === true && $straight->reading->level?->isAtLeast(Level::Clear) === true;
    }
}

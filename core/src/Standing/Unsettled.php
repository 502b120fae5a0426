<?php

declare(strict_types=1);

namespace GrayCompass\Core\Standing;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Exclusion;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Reading;
use GrayCompass\Core\Grading\Sign;

/** When a result leaves a condition open until the knee is looked at again. */
final class Unsettled
{
    private const PASSING = [
        Exclusion::HamstringsGuarded, Exclusion::QuadricepsGuarded, Exclusion::PivotUnreliable,
        Exclusion::BendIncomplete, Exclusion::TooEarly,
    ];

    private const HIDDEN_BY_SWELLING = ['lachman', 'anterior_drawer', 'posterior_drawer', 'pivot_shift'];

    private const EARLY_DAYS = 10;

    private const FREE_BEND_DEG = 90.0;

    public static function by(Reading $reading, ?Exclusion $exclusion, Examination $examination, Grading $grading): bool
    {
        if (in_array($exclusion, self::PASSING, true)) {
            return true;
        }
        if (! in_array($reading->finding, self::HIDDEN_BY_SWELLING, true) || $reading->sign !== Sign::Negative) {
            return false;
        }

        return $examination->injuredWithin(self::EARLY_DAYS)
            && ($grading->effusion?->sign === Sign::Positive || self::bendsLittle($examination));
    }

    private static function bendsLittle(Examination $examination): bool
    {
        $bend = $examination->hurt('flexion_range')?->number('flexionDeg') ?? $examination->hurt('active_range')?->number('flexionDeg');

        return $bend !== null && $bend < self::FREE_BEND_DEG;
    }
}

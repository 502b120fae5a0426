<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Values\Effusion;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Safety\Blood;

/**
 * Reads the fluid signs of the hurt knee together. Hours are a working estimate.
 *
 * @internal
 */
final class FluidJudge
{
    private const TOO_EARLY_HOURS = 2;

    public static function effusion(KneeExamination $examination): ?Effusion
    {
        $signs = FluidSigns::in($examination);
        $sign = match (true) {
            $signs->isPositive() => Outcome::Positive,
            $signs->isTrace() => Outcome::Equivocal,
            $signs->isNegative() => Outcome::Negative,
            default => null,
        };
        if ($sign === null) {
            return null;
        }

        return new Effusion(
            $signs->grade(),
            $sign,
            self::millilitres($examination),
            Blood::in($examination, $signs)->isLikely(),
        );
    }

    /** The reading stands with the manoeuvre that was done first. */
    public static function reading(KneeExamination $examination, Effusion $effusion): Reading
    {
        $early = $examination->hoursSinceInjury !== null && $examination->hoursSinceInjury < self::TOO_EARLY_HOURS;

        return new Reading(
            'effusion',
            FluidSigns::in($examination)->first,
            $effusion->outcome,
            $early && $effusion->outcome === Outcome::Negative ? Exclusion::TooEarly : null,
        );
    }

    /**
     * The first range that applies, in ml; an open end is null. Null when no sign says anything.
     *
     * @return array{float, float|null}|null
     */
    private static function millilitres(KneeExamination $examination): ?array
    {
        $seen = new FactSubject(new HurtKnee($examination));
        foreach ($examination->schools->effusion->millilitres as $range) {
            if ($seen->is($range->when)) {
                return [$range->from, $range->to];
            }
        }

        return null;
    }
}

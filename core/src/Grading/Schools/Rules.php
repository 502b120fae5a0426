<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Schools;

use GrayCompass\Core\Examination\Schools\School;
use GrayCompass\Core\Examination\Schools\SchoolGroup;
use GrayCompass\Core\Grading\Values\CellSide;
use UnexpectedValueException;

/**
 * The rule that judges by a school, with the school's own bands where it has some.
 *
 * @internal
 */
final class Rules
{
    public static function laxity(School $school): LaxityRule
    {
        return match ($school->judgedBy) {
            'side_difference' => new SideDifference(...$school->bandsMm),
            'own_figure' => new FiveMillimetre(...$school->bandsMm),
            'gross_shift' => new GrossShift(...$school->bandsMm),
            default => throw self::unknown($school),
        };
    }

    public static function collateral(School $school): CollateralRule
    {
        return match ($school->judgedBy) {
            'three_band' => new ThreeBand(...$school->bandsMm),
            'centimetre' => new Centimetre(...$school->bandsMm),
            default => throw self::unknown($school),
        };
    }

    public static function cellSide(School $school): CellSide
    {
        return match ($school->judgedBy) {
            'pain_site' => new SideByPainSite,
            'rotation' => new SideByRotation,
            'compression' => new SideByCompression,
            'rotation_reversed' => new SideByReversedRotation,
            default => throw self::unknown($school),
        };
    }

    /**
     * The limits in force, by their name: mm for laxity and opening, none for other matters.
     *
     * @return array<string, float>
     */
    public static function bandsMm(SchoolGroup $group, School $school): array
    {
        /** @var array<string, float> $bands */
        $bands = match ($group->id) {
            'laxity' => get_object_vars(self::laxity($school)),
            'collateral' => get_object_vars(self::collateral($school)),
            default => [],
        };

        return $bands;
    }

    private static function unknown(School $school): UnexpectedValueException
    {
        return new UnexpectedValueException("The school {$school->id} is judged by an unknown rule, "
            ."{$school->judgedBy}.");
    }
}

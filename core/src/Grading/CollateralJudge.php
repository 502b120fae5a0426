<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\CollateralSchool;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Aspect;
use GrayCompass\Core\Knee\EndFeel;

/** Grades sideways opening: valgus and varus, straight and slightly bent. */
final class CollateralJudge implements Judge
{
    private const FIELD = 'openingMm';

    public function judge(Comparison $knees, Examination $examination): Judgement
    {
        $id = $knees->hurt->manoeuvre->id;
        $school = $examination->schools->collateral;
        $flaw = self::angleIsBetween($knees->hurt) ? Exclusion::AngleBetween : null;
        $readings = [];
        $measurement = null;
        $graded = self::graded($knees, $school);
        if ($graded !== null) {
            $firmFlaw = $graded->sign === Sign::Negative && $graded->grade === 1 ? Exclusion::GradeOneIsFirm : null;
            $readings[] = $knees->reading("{$id}_laxity", $graded->sign, $flaw ?? $firmFlaw, $graded->grade);
            $measurement = self::measurement($knees, $examination, $graded);
        }
        $pain = $knees->hurt->pain();
        if ($id === 'valgus_30' && $pain !== null) {
            $readings[] = $knees->reading('valgus_30_pain', Sign::of(self::hurtsThere($knees->hurt)), $flaw);
        }

        return new Judgement($readings, $measurement);
    }

    public static function rule(CollateralSchool $school): CollateralRule
    {
        return match ($school) {
            CollateralSchool::ThreeBand => new ThreeBand,
            CollateralSchool::Centimetre => new Centimetre,
        };
    }

    private static function graded(Comparison $knees, CollateralSchool $school): ?Graded
    {
        $hurt = $knees->hurt;
        if ($hurt->normal) {
            return new Graded(Sign::Negative, 0);
        }
        $endFeel = $hurt->endFeel();
        $band = $hurt->band();
        if ($band !== null) {
            $byEndFeel = match (true) {
                $endFeel === EndFeel::Absent => 3,
                $endFeel === EndFeel::Soft => 2,
                default => self::hurtsThere($hurt) ? 1 : 0,
            };

            return new Graded(Sign::of($band->grade() > 0 || $byEndFeel >= 2), max($band->grade(), $byEndFeel));
        }
        $distance = $knees->difference(self::FIELD) ?? $hurt->number(self::FIELD);
        if ($distance === null && $endFeel?->yields() !== true) {
            return null;
        }

        return self::rule($school)->judge(new Opening($distance ?? 0.0, $endFeel, self::hurtsThere($hurt)));
    }

    private static function measurement(Comparison $knees, Examination $examination, Graded $graded): Measurement
    {
        $band = $knees->hurt->band();
        $difference = $knees->difference(self::FIELD);

        return new Measurement(
            $knees->hurt->manoeuvre->id,
            'mm',
            $knees->hurt->number(self::FIELD),
            $knees->other?->number(self::FIELD),
            $difference,
            $graded->grade,
            $band === null ? $difference === null && ! $knees->hurt->normal : ! $examination->otherKneeReliable,
            $band !== null,
            $examination->schools->collateral->value,
        );
    }

    /** Pain on the side that is stretched; where no place was named, it is taken to be there. */
    private static function hurtsThere(Record $hurt): bool
    {
        $stretched = str_starts_with($hurt->manoeuvre->id, 'valgus') ? Aspect::Medial : Aspect::Lateral;

        return ($hurt->pain() ?? 0.0) >= 1 && ($hurt->word('painSite') ?? $stretched->value) === $stretched->value;
    }

    private static function angleIsBetween(Record $hurt): bool
    {
        $angle = $hurt->number('angleDeg');
        if ($angle === null) {
            return false;
        }

        return str_ends_with($hurt->manoeuvre->id, '_0') ? $angle > 2 : $angle < 15 || $angle > 35;
    }
}

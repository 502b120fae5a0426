<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\LaxitySchool;
use GrayCompass\Core\Knee\DifferenceBand;
use GrayCompass\Core\Knee\EndFeel;

/** Grades how far the shin glides on the thigh: Lachman and both drawers. */
final class TranslationJudge implements Judge
{
    private const FIELD = 'translationMm';

    private const CORNER_MM = 3.0;

    public function judge(Comparison $knees, Examination $examination): Judgement
    {
        $school = $examination->schools->laxity;
        $manoeuvre = $knees->hurt->manoeuvre->id;
        $band = $knees->hurt->band();
        $difference = $knees->difference(self::FIELD);
        $provisional = $band === null ? $difference === null && ! $knees->hurt->normal : ! $examination->otherKneeReliable;
        $graded = match (true) {
            $knees->hurt->normal => new Graded(Sign::Negative, 0),
            $band !== null => self::byBand($band, $knees),
            $difference === null => self::absolute($knees),
            default => self::rule($school)->judge(new Laxity((float) $knees->hurt->number(self::FIELD), $difference, self::endFeel($knees), $knees->otherIsFirm())),
        };
        if ($graded === null) {
            return new Judgement;
        }
        $measurement = new Measurement(
            $manoeuvre,
            'mm',
            $knees->hurt->number(self::FIELD),
            $knees->other?->number(self::FIELD),
            $difference,
            $graded->grade,
            $provisional,
            $band !== null,
            $band === null ? $school->value : LaxitySchool::SideDifference->value,
        );

        return new Judgement([$knees->reading($manoeuvre, $graded->sign, grade: $graded->grade)], $measurement, self::corners($knees));
    }

    public static function rule(LaxitySchool $school): LaxityRule
    {
        return match ($school) {
            LaxitySchool::SideDifference => new SideDifference,
            LaxitySchool::FiveMillimetre => new FiveMillimetre,
            LaxitySchool::GrossShift => new GrossShift,
        };
    }

    /** A brisk end feel, where taken, is the one that counts. */
    private static function endFeel(Comparison $knees): ?EndFeel
    {
        return $knees->hurt->endFeel('endFeelFast') ?? $knees->hurt->endFeel();
    }

    private static function byBand(DifferenceBand $band, Comparison $knees): Graded
    {
        $endFeel = self::endFeel($knees);
        $firm = $knees->other === null || $knees->otherIsFirm();
        $byEndFeel = $endFeel === EndFeel::Absent || ($endFeel?->yields() === true && $firm);

        return new Graded(Sign::of($band !== DifferenceBand::Same || $byEndFeel), max($band->grade(), $byEndFeel ? 1 : 0));
    }

    /** Without the other knee: the hurt knee's own figure, or an end that yields. */
    private static function absolute(Comparison $knees): ?Graded
    {
        $hurt = $knees->hurt->number(self::FIELD);
        $endFeel = self::endFeel($knees);
        $yields = $endFeel?->yields() === true;
        if ($hurt === null) {
            return $yields ? new Graded(Sign::Positive, 1) : null;
        }
        $sign = $hurt > 5 && $hurt <= 10 && ! $yields ? Sign::Equivocal : Sign::of($hurt > 10 || $yields);

        return new Graded($sign, FiveMillimetre::grade($hurt, $yields));
    }

    /**
     * Drawing forward with the foot turned shows a corner that is loose as well.
     *
     * @return list<Remark>
     */
    private static function corners(Comparison $knees): array
    {
        $neutral = $knees->hurt->number(self::FIELD);
        if ($neutral === null || $knees->hurt->manoeuvre->id !== 'anterior_drawer') {
            return [];
        }
        $more = static fn (string $field): bool => ($knees->hurt->number($field) ?? $neutral) - $neutral >= self::CORNER_MM;
        $remarks = [];
        if ($more('outwardMm')) {
            $remarks[] = new Remark('anteromedial_corner', 'The shin comes further forward with the foot turned outward: the inner-front corner is loose too.');
        }
        if ($more('inwardMm')) {
            $remarks[] = new Remark('anterolateral_corner', 'The shin comes further forward with the foot turned inward: the outer-front corner is loose too.');
        }

        return $remarks;
    }
}

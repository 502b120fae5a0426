<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Schools\Rules;
use GrayCompass\Core\Grading\Values\CellSide;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\McMurrayReading;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Aspect;

/**
 * Reads the four rotated bends for each meniscus, under the chosen school and under the others.
 *
 * @internal
 */
final class McMurrayJudge implements Judge
{
    /** Pain of both knees that differs by so much at most, of 10, is the same. Working estimate. */
    public const SAME_PAIN = 1.0;

    private const ELSEWHERE = 'elsewhere';

    public function judge(Comparison $knees, KneeExamination $examination): Judgement
    {
        $readings = [];
        foreach (Aspect::cases() as $aspect) {
            $reading = self::reading($knees, $aspect, Rules::cellSide($examination->schools->mcmurraySide));
            if ($reading !== null) {
                $readings[] = $reading;
            }
        }

        return new Judgement($readings);
    }

    /**
     * The readings of all schools, when they differ; null when they agree or nothing was done.
     *
     * @return list<McMurrayReading>|null
     */
    public static function disagreement(KneeExamination $examination): ?array
    {
        $knees = Comparison::in($examination, 'mcmurray');
        if ($knees === null) {
            return null;
        }
        $all = [];
        $chosen = null;
        foreach ($examination->schools->book->mcmurraySide->schools as $school) {
            $sign = static function (Aspect $aspect) use ($knees, $school): ?Outcome {
                $reading = self::reading($knees, $aspect, Rules::cellSide($school));

                return $reading === null || $reading->flaw !== null ? null : $reading->outcome;
            };
            $all[] = $reading = new McMurrayReading($school, $sign(Aspect::Medial), $sign(Aspect::Lateral));
            $chosen = $school === $examination->schools->mcmurraySide ? $reading : $chosen;
        }
        $differing = array_filter(
            $all,
            static fn (McMurrayReading $reading): bool => $chosen !== null && ! $reading->agreesWith($chosen),
        );

        return $differing === [] ? null : $all;
    }

    private static function reading(Comparison $knees, Aspect $aspect, CellSide $rule): ?Reading
    {
        $finding = "mcmurray_{$aspect->value}";
        if ($knees->hurt->normal) {
            return $knees->reading($finding, Outcome::Negative);
        }
        $positive = $equivocal = $elsewhere = [];
        $tried = false;
        foreach ($knees->hurt->cells as $cell) {
            $tried = $tried || $cell->loadedByRotation() === $aspect;
            if (! $cell->isPositive()) {
                continue;
            }
            if ($cell->namedSite() === self::ELSEWHERE) {
                if ($cell->loadedByRotation() === $aspect) {
                    $elsewhere[] = $cell;
                }
            } elseif ($rule->of($cell) === $aspect) {
                if (self::otherDoesToo($knees, $cell)) {
                    $equivocal[] = $cell;
                } else {
                    $positive[] = $cell;
                }
            }
        }

        return match (true) {
            $positive !== [] => $knees->reading($finding, Outcome::Positive, self::unfamiliar($positive)),
            $elsewhere !== [] => $knees->reading($finding, Outcome::Positive, Exclusion::PainElsewhere),
            $equivocal !== [] => $knees->reading($finding, Outcome::Equivocal, Exclusion::SameOnOtherKnee),
            $tried => $knees->reading($finding, Outcome::Negative),
            default => null,
        };
    }

    /** The other knee hurts alike in this hold, or clicks in it where this one only clicks. */
    private static function otherDoesToo(Comparison $knees, Cell $cell): bool
    {
        foreach ($knees->other === null ? [] : $knees->other->cells as $other) {
            if (! $other->isSameHoldAs($cell)) {
                continue;
            }
            $alike = $cell->hurts()
                ? $other->hurts() && \abs($cell->pain - $other->pain) <= self::SAME_PAIN
                : $other->isMechanical();
            if ($alike) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<Cell>  $cells
     */
    private static function unfamiliar(array $cells): ?Exclusion
    {
        foreach ($cells as $cell) {
            if ($cell->familiar !== false) {
                return null;
            }
        }

        return Exclusion::PainNotFamiliar;
    }
}

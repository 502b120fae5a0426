<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Schools\School;
use GrayCompass\Core\Grading\Schools\FiveMillimetre;
use GrayCompass\Core\Grading\Schools\Rules;
use GrayCompass\Core\Grading\Schools\SideDifference;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\Laxity;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Knee\DifferenceBand;
use GrayCompass\Core\Knee\EndFeel;

/**
 * Grades how far the shin glides on the thigh: Lachman and both drawers.
 *
 * @internal
 */
final class TranslationJudge implements Judge
{
    private const FIELD = 'translationMm';

    /** A sound other knee glides so far at most, by hand. Working estimate. */
    private const SOUND_OTHER_MM = 10.0;

    /** A band is read by the difference between the knees, whatever the school. */
    private const BANDS_READ_AS = 'side_difference';

    /** Forward of the outer plateau against the other knee, in mm. Working estimate. */
    private const CORNER_MM = 3.0;

    public function judge(Comparison $knees, KneeExamination $examination): Judgement
    {
        $school = $examination->schools->laxity;
        $manoeuvre = $knees->hurt->manoeuvre->id;
        $band = $knees->hurt->band();
        [$graded, $provisional] = self::graded($knees, $school) ?? [null, false];
        if ($graded === null) {
            return new Judgement;
        }
        $graded = $graded->against(self::endFeel($knees));
        $measurement = new Measurement(
            $manoeuvre,
            'mm',
            $knees->hurt->number(self::FIELD),
            $knees->other?->number(self::FIELD),
            $knees->difference(self::FIELD),
            $graded->statedGrade(),
            $provisional || ($band !== null && ! $examination->otherKneeReliable),
            $band !== null,
            $band === null ? $school->id : self::BANDS_READ_AS,
            level: $graded->level,
            comparedWith: $knees->with(),
        );
        $reading = new Reading(
            $manoeuvre,
            $knees->hurt,
            $graded->outcome,
            $graded->flaw,
            $graded->statedGrade(),
            $graded->level,
            $provisional,
        );

        return new Judgement([$reading], $measurement, self::corners($knees));
    }

    /**
     * @return array{Graded, bool}|null with whether it was judged without the other knee
     */
    private static function graded(Comparison $knees, School $school): ?array
    {
        $hurt = $knees->hurt;
        $loose = $knees->otherIsLoose(self::FIELD, self::SOUND_OTHER_MM);
        if ($hurt->normal) {
            return [new Graded(Outcome::Negative, 0, flaw: $loose ? Exclusion::OtherKneeNotNormal : null), false];
        }
        $difference = $knees->difference(self::FIELD);
        if ($hurt->band() !== null) {
            $graded = self::byBand($hurt->band(), $knees);

            return [
                $loose
                    && $graded->outcome === Outcome::Negative ? new Graded(
                        Outcome::Negative,
                        $graded->grade,
                        flaw: Exclusion::OtherKneeNotNormal,
                    ) : $graded,
                false,
            ];
        }
        if ($difference === null) {
            $alone = self::alone($knees);

            return $alone === null ? null : [$alone, true];
        }
        $graded = Rules::laxity($school)->judge(new Laxity(
            (float) $hurt->number(self::FIELD),
            $difference,
            self::endFeel($knees),
            $knees->otherIsFirm(),
            $knees->margin(self::FIELD),
        ));
        if ($graded->outcome === Outcome::Positive || ! $loose) {
            return [$graded, false];
        }
        // Void only by the other knee: read the hurt one alone; only a positive counts.
        $alone = self::alone($knees, $knees->otherYields());

        return $alone?->outcome === Outcome::Positive
            ? [$alone, true]
            : [
                new Graded($graded->outcome, $graded->grade, flaw: $graded->flaw ?? Exclusion::OtherKneeNotNormal),
                false,
            ];
    }

    /** A brisk end feel, where taken, is the one that counts. */
    private static function endFeel(Comparison $knees): ?EndFeel
    {
        return $knees->hurt->endFeel('endFeelFast') ?? $knees->hurt->endFeel();
    }

    /** A band has no margin of the hands, and takes the other knee as firm unless it was felt to yield. */
    private static function byBand(DifferenceBand $band, Comparison $knees): Graded
    {
        $endFeel = self::endFeel($knees);
        $absent = $endFeel === EndFeel::Absent;
        $yields = $absent || ($endFeel?->yields() === true && ! $knees->otherYields());
        if ($band === DifferenceBand::Same && ! $yields) {
            return new Graded(Outcome::Negative, 0);
        }
        $difference = $band->middleMm();

        return new Graded(
            Outcome::Positive,
            \max($band->grade(), $yields ? 1 : 0),
            (new SideDifference)->level($difference, $yields, $absent),
        );
    }

    /**
     * Without the other knee: the hurt knee's own figure, or an end that yields.
     *
     * @param  bool  $softAlike  the other knee is soft as well, so a soft end says nothing
     */
    private static function alone(Comparison $knees, bool $softAlike = false): ?Graded
    {
        $hurt = $knees->hurt->number(self::FIELD);
        $endFeel = self::endFeel($knees);
        $yields = $endFeel === EndFeel::Absent || ($endFeel?->yields() === true && ! $softAlike);

        return $hurt === null
            && ! $yields ? null : (new FiveMillimetre)->alone($hurt ?? 0.0, $yields, $endFeel === EndFeel::Absent);
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
        $more = static fn (string $field): bool => ($knees->hurt->number($field)
            ?? $neutral) - $neutral >= self::CORNER_MM;
        $remarks = [];
        if ($more('outwardMm')) {
            $remarks[] = Remark::of('anteromedial_corner');
        }
        if ($more('inwardMm')) {
            $remarks[] = Remark::of('anterolateral_corner');
        }

        return $remarks;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Examination\Schools\School;
use GrayCompass\Core\Grading\Schools\Rules;
use GrayCompass\Core\Grading\Schools\ThreeBand;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Graded;
use GrayCompass\Core\Grading\Values\JointOpening;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Knee\DifferenceBand;
use GrayCompass\Core\Knee\EndFeel;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Grades sideways opening: valgus and varus, straight and slightly bent.
 *
 * @internal
 */
final class CollateralJudge implements Judge
{
    private const FIELD = 'openingMm';

    /** A sound other knee opens so far at most. Working estimate. */
    private const SOUND_OTHER_MM = 6.0;

    /** A bent knee that is tighter than the straight one by more than this does not fit. Working estimate. */
    private const TIGHTER_MM = 2.0;

    public function judge(Comparison $knees, KneeExamination $examination): Judgement
    {
        $manoeuvre = $knees->hurt->manoeuvre;
        $angle = StressAngle::of($knees->hurt->number('angleDeg'), $manoeuvre->has(ManoeuvreTrait::Straight));
        $readings = $remarks = [];
        $measurement = null;
        [$graded, $provisional] = self::graded($knees, $examination->schools->collateral) ?? [null, false];
        if ($graded !== null) {
            $graded = $graded->against($knees->hurt->endFeel());
            // Between the angles a positive speaks as the bent test, never as the straight one.
            $positive = $graded->outcome === Outcome::Positive;
            $borrowed = $angle->isBetween() && ($positive || $angle === StressAngle::NearlyBent);
            $flaw = $graded->flaw ?? self::misfit($graded, $knees, $examination);
            $readings[] = new Reading(
                $borrowed ? self::signOfBent($manoeuvre) : $manoeuvre->feeds[0],
                $knees->hurt,
                $graded->outcome,
                $angle->isBetween() && ! $borrowed ? Exclusion::AngleBetween : $flaw,
                $graded->statedGrade(),
                $graded->level,
                $provisional,
                self::span($knees)[0] ?? null,
                $borrowed,
                $borrowed && ! $positive,
            );
            $measurement = self::measurement($knees, $examination, $graded, $provisional);
            $remarks = self::remarks($knees, $graded, $borrowed);
        }
        $pain = $knees->hurt->pain();
        $painSign = $manoeuvre->names(ManoeuvreTrait::PainFeeds)[0] ?? null;
        if ($painSign !== null && $pain !== null) {
            $hurts = self::hurtsThere($knees->hurt);
            $void = ! $hurts && $angle === StressAngle::Elsewhere;
            $readings[] = new Reading(
                $painSign,
                $knees->hurt,
                Outcome::of($hurts),
                $void ? Exclusion::AngleBetween : null,
                halfWeight: ! $hurts && $angle === StressAngle::NearlyBent,
            );
        }

        return new Judgement($readings, $measurement, $remarks);
    }

    /**
     * @return array{Graded, bool}|null with whether it was judged without the other knee
     */
    private static function graded(Comparison $knees, School $school): ?array
    {
        $hurt = $knees->hurt;
        $margin = $knees->margin(self::FIELD);
        $loose = $knees->otherIsLoose(self::FIELD, self::SOUND_OTHER_MM);
        if ($hurt->normal) {
            return [new Graded(Outcome::Negative, 0, flaw: $loose ? Exclusion::OtherKneeNotNormal : null), false];
        }
        // A soft end that the other knee has as well says nothing.
        $endFeel = $knees->otherYields() && $hurt->endFeel() !== EndFeel::Absent ? null : $hurt->endFeel();
        $difference = $knees->difference(self::FIELD) ?? $hurt->band()?->middleMm();
        $hurtsThere = self::hurtsThere($hurt);
        $alone = new JointOpening($hurt->number(self::FIELD) ?? 0.0, $hurt->endFeel(), $hurtsThere, $margin);
        if ($hurt->band() !== null) {
            return [
                self::ofBand($hurt->band(), new JointOpening($difference ?? 0.0, $endFeel, $hurtsThere, $margin)),
                false,
            ];
        }
        if ($difference === null && $hurt->number(self::FIELD) === null) {
            if ($endFeel?->yields() !== true) {
                return null;
            }

            return $knees->other === null
                ? [(new ThreeBand)->alone($alone), true]
                : [Rules::collateral($school)->judge(new JointOpening(0.0, $endFeel, $hurtsThere, $margin)), false];
        }
        if ($difference === null) {
            return [(new ThreeBand)->alone($alone), true];
        }
        $graded = Rules::collateral($school)->judge(new JointOpening($difference, $endFeel, $hurtsThere, $margin));
        if ($graded->outcome === Outcome::Positive || ! $loose) {
            return [$graded, false];
        }
        $byItself = (new ThreeBand)->alone(new JointOpening($alone->difference, $endFeel, $alone->hurtsThere, $margin));

        return $byItself->outcome === Outcome::Positive
            ? [$byItself, true]
            : [
                new Graded(
                    $graded->outcome,
                    $graded->grade,
                    flaw: $graded->flaw === $margin->flaw ? $graded->flaw : Exclusion::OtherKneeNotNormal,
                ),
                false,
            ];
    }

    /** A band has no margin of the hands: it is an estimate already. */
    private static function ofBand(DifferenceBand $band, JointOpening $opening): Graded
    {
        if ($band !== DifferenceBand::Same || $opening->yields()) {
            return new Graded(
                Outcome::Positive,
                \max($band->grade(), (new ThreeBand)->grade($opening)),
                (new ThreeBand)->level($opening),
            );
        }

        return new Graded(Outcome::Negative, $opening->hurtsThere ? 1 : 0);
    }

    /** The straight knee open further than the bent one does not fit: one of them was measured wrongly. */
    private static function misfit(Graded $graded, Comparison $knees, KneeExamination $examination): ?Exclusion
    {
        if ($graded->outcome !== Outcome::Positive || ! $knees->hurt->manoeuvre->has(ManoeuvreTrait::Straight)) {
            return null;
        }
        $bent = Comparison::in($examination, $knees->hurt->manoeuvre->names(ManoeuvreTrait::BentTest)[0]);
        $straight = self::span($knees);
        $slack = $bent === null ? null : self::span($bent);

        return $straight !== null
            && $slack !== null
            && $straight[0] - $slack[1] > self::TIGHTER_MM ? Exclusion::DoesNotFit : null;
    }

    /**
     * The least and the most that the hurt knee opens more than the other, in mm.
     *
     * @return array{float, float}|null
     */
    private static function span(Comparison $knees): ?array
    {
        $difference = $knees->difference(self::FIELD) ?? ($knees->hurt->normal ? 0.0 : null);
        if ($difference !== null) {
            return [$difference, $difference];
        }

        return $knees->hurt->band()?->rangeMm();
    }

    private static function measurement(
        Comparison $knees,
        KneeExamination $examination,
        Graded $graded,
        bool $provisional,
    ): Measurement {
        $band = $knees->hurt->band();

        return new Measurement(
            $knees->hurt->manoeuvre->id,
            'mm',
            $knees->hurt->number(self::FIELD),
            $knees->other?->number(self::FIELD),
            $knees->difference(self::FIELD),
            $graded->statedGrade(),
            $provisional || ($band !== null && ! $examination->otherKneeReliable),
            $band !== null,
            $examination->schools->collateral->id,
            level: $graded->level,
            comparedWith: $knees->with(),
        );
    }

    /**
     * @return list<Remark>
     */
    private static function remarks(Comparison $knees, Graded $graded, bool $borrowed): array
    {
        $name = $knees->hurt->manoeuvre->card->name;
        $remarks = [];
        if ($borrowed) {
            $remarks[] = new Remark('angle_between', new Sentence(
                $graded->outcome === Outcome::Positive
                    ? 'remark.angle_between.positive'
                    : 'remark.angle_between.half_weight',
                ['manoeuvre' => $name],
            ));
        }
        if (
            $graded->outcome === Outcome::Positive
            && $graded->grade === 1
            && $knees->hurt->endFeel()?->yields() === true
        ) {
            $remarks[] = Remark::of('end_feel_alone', ['manoeuvre' => $name]);
        }
        if ($graded->outcome === Outcome::Negative && $graded->grade === 1) {
            $remarks[] = Remark::of('grade_one_is_firm', ['manoeuvre' => $name]);
        }

        return $remarks;
    }

    /** The sign that a result between the two angles counts as: that of the bent test on the same side. */
    private static function signOfBent(Manoeuvre $manoeuvre): string
    {
        return $manoeuvre->names(ManoeuvreTrait::SpeaksBentAs)[0] ?? $manoeuvre->feeds[0];
    }

    /** Pain on the side that is stretched; where no place was named, it is taken to be there. */
    private static function hurtsThere(Record $hurt): bool
    {
        $stretched = $hurt->manoeuvre->names(ManoeuvreTrait::Stretches)[0];

        return ($hurt->pain() ?? 0.0) >= 1 && ($hurt->word('painSite') ?? $stretched) === $stretched;
    }
}

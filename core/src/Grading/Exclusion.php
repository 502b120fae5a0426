<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** Why a reading moves nothing. Case order decides which reason is told when several hold. */
enum Exclusion: string
{
    case FootMoved = 'foot_moved';
    case ThighMoved = 'thigh_moved';
    case AngleBetween = 'angle_between';
    case TooEarly = 'too_early';
    case OtherKneeMissing = 'other_knee_missing';
    case Dial30Missing = 'dial_30_missing';
    case HamstringsGuarded = 'hamstrings_guarded';
    case QuadricepsGuarded = 'quadriceps_guarded';
    case SagUncorrected = 'sag_uncorrected';
    case PivotUnreliable = 'pivot_unreliable';
    case BendIncomplete = 'bend_incomplete';
    case PainElsewhere = 'pain_elsewhere';
    case BruisedThere = 'bruised_there';
    case NotPinpoint = 'not_pinpoint';
    case PainNotFamiliar = 'pain_not_familiar';
    case DistractionHurtsToo = 'distraction_hurts_too';
    case TooFewRepetitions = 'too_few_repetitions';
    case GradeOneIsFirm = 'grade_one_is_firm';
    case NoFigures = 'no_figures';

    public function reason(): string
    {
        return match ($this) {
            self::FootMoved => 'The foot lifted or slid, so part of the movement was not the joint.',
            self::ThighMoved => 'The thigh moved with the shin, so the distance is not the joint alone.',
            self::AngleBetween => 'The knee was bent to an angle that this test has no figures for.',
            self::TooEarly => 'It is too soon after the injury to know: swelling may still come.',
            self::OtherKneeMissing => 'Without the other knee to compare, this test says nothing either way.',
            self::Dial30Missing => 'The dial at 90° is read only after a positive dial at 30°.',
            self::HamstringsGuarded => 'The hamstrings held the shin, so the test cannot be trusted this way.',
            self::QuadricepsGuarded => 'The quadriceps held the shin forward, so a firm drawer proves nothing.',
            self::SagUncorrected => 'The shin sags backward and was not brought to neutral first: what looks like forward travel may be the way back.',
            self::PivotUnreliable => 'With a loose MCL or a knee short of straight the shift may not show, so its absence proves nothing.',
            self::BendIncomplete => 'The knee did not bend and straighten fully, so no click or pain proves nothing.',
            self::PainElsewhere => 'The pain or click was away from the joint line that the test speaks of.',
            self::BruisedThere => 'The blow landed on this joint line, so tenderness there is expected.',
            self::NotPinpoint => 'The tenderness was not at one point on the joint line.',
            self::PainNotFamiliar => "It was not the athlete's own pain, or no worse than in the other knee.",
            self::DistractionHurtsToo => 'Pulling the shin away hurt as well: think of a ligament rather than a meniscus.',
            self::TooFewRepetitions => 'Fewer than three turns without symptoms are not enough to call it negative.',
            self::GradeOneIsFirm => 'A grade 1 sprain is painful but firm by definition, so a firm end does not speak against it.',
            self::NoFigures => 'The chosen evidence holds no figures for this test at this stage of the injury.',
        };
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

/** Why a reading moves nothing. Case order decides which reason is told when several hold. */
enum Exclusion: string
{
    case FootMoved = 'foot_moved';
    case ThighMoved = 'thigh_moved';
    case AngleBetween = 'angle_between';
    case DoesNotFit = 'does_not_fit';
    case BoneEnd = 'bone_end';
    case WithinHandError = 'within_hand_error';
    case TooEarly = 'too_early';
    case TooLate = 'too_late';
    case OtherKneeMissing = 'other_knee_missing';
    case OtherKneeNotNormal = 'other_knee_not_normal';
    case SameOnOtherKnee = 'same_on_other_knee';
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
    case OldTear = 'old_tear';
    case DoneTwice = 'done_twice';
    case NoFigures = 'no_figures';

    /** Whether an own test excluded so leaves its condition to be tested on another day. */
    public function isVoid(): bool
    {
        return \in_array($this, [
            self::FootMoved, self::ThighMoved, self::HamstringsGuarded, self::QuadricepsGuarded, self::SagUncorrected,
            self::PivotUnreliable, self::BendIncomplete,
            self::TooEarly, self::TooLate, self::AngleBetween, self::OtherKneeMissing, self::OtherKneeNotNormal,
            self::SameOnOtherKnee, self::WithinHandError, self::DoesNotFit, self::BoneEnd,
        ], true);
    }

    public function reason(): string
    {
        return match ($this) {
            self::FootMoved => 'The foot lifted or slid, so part of the movement was not in the joint.',
            self::ThighMoved => 'The thigh moved with the shin, so what was seen is not the joint alone.',
            self::AngleBetween => 'The knee was bent to an angle that this test has no figures for.',
            self::DoesNotFit => 'Open straight but not slightly bent does not fit: measure both again.',
            self::BoneEnd => 'The end feel is hard, like bone: this opening is not from a ligament.',
            self::WithinHandError => 'Less than a millimetre from the limit, which hands cannot tell apart: do it '
                .'again.',
            self::TooEarly => 'It is too soon after the injury to know: swelling may still come.',
            self::TooLate => 'So long after the injury this may be gone although the knee is hurt.',
            self::OtherKneeMissing => 'Without the other knee to compare, this test says nothing either way.',
            self::OtherKneeNotNormal => 'The other knee is loose itself: an old injury, loose joints, or the sides '
                .'exchanged?',
            self::SameOnOtherKnee => 'The other knee shows the same.',
            self::Dial30Missing => 'The dial at 90° is read only after a positive dial at 30°.',
            self::HamstringsGuarded => 'The muscles held the knee, so this result cannot be trusted.',
            self::QuadricepsGuarded => 'The thigh was tense, so a negative proves nothing.',
            self::SagUncorrected => 'The shin sags backward and was not brought to neutral first: what looks like '
                .'forward travel may be the way back.',
            self::PivotUnreliable => 'With a loose MCL or a knee short of straight the shift may not show, so its '
                .'absence proves nothing.',
            self::BendIncomplete => 'The knee did not bend and straighten fully, so no click or pain proves nothing.',
            self::PainElsewhere => 'The pain or click was away from the joint line that the test speaks of.',
            self::BruisedThere => 'The blow landed on this joint line, so tenderness there is expected.',
            self::NotPinpoint => 'The tenderness was not at one point on the joint line.',
            self::PainNotFamiliar => "It was not the athlete's own pain, or no worse than in the other knee.",
            self::DistractionHurtsToo => 'Pulling the shin away hurt as well: think of a ligament rather than a '
                .'meniscus.',
            self::TooFewRepetitions => 'Fewer than three turns without symptoms are not enough to call it negative.',
            self::OldTear => 'This ligament is known to be torn from before: the test is recorded for comparison and '
                .'cannot show a new tear.',
            self::DoneTwice => 'The same test counts already, from another record.',
            self::NoFigures => 'The chosen evidence has no figures for this test at this stage of the injury.',
        };
    }
}

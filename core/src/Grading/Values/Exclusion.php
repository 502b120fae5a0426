<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Sentences\Sentence;

/** Why a reading moves nothing. Case order decides which reason is told when several hold. */
enum Exclusion: string
{
    case FootMoved = 'foot_moved';
    case ThighMoved = 'thigh_moved';
    case AngleBetween = 'angle_between';
    case DoesNotFit = 'does_not_fit';
    case BoneEnd = 'bone_end';
    case WithinHandError = 'within_hand_error';
    case WithinInstrumentError = 'within_instrument_error';
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
            self::SameOnOtherKnee, self::WithinHandError, self::WithinInstrumentError, self::DoesNotFit,
            self::BoneEnd,
        ], true);
    }

    public function reason(): Sentence
    {
        return new Sentence("excluded.{$this->value}");
    }
}

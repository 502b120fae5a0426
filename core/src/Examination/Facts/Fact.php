<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * What rules ask of a hurt knee by name; data/facts.json says what each means.
 *
 * @internal
 */
enum Fact: string
{
    case Warm = 'warm';
    case Limps = 'limps';
    case WalksFreely = 'walks_freely';
    case WalkingHurts = 'walking_hurts';
    case LachmanGoesBackward = 'lachman_goes_backward';
    case LachmanTooPainful = 'lachman_too_painful';
    case PulseLost = 'pulse_lost';
    case FootPoor = 'foot_poor';
    case SensationNewElsewhere = 'sensation_new_elsewhere';
    case HipStiff = 'hip_stiff';
    case Lump = 'lump';
    case LandmarksSound = 'landmarks_sound';
    case BendLookedAt = 'bend_looked_at';
    case Lag = 'lag';
    case FrontStructuresRefuted = 'front_structures_refuted';
    case FrontStructuresSound = 'front_structures_sound';
    case FrontPressHurts = 'front_press_hurts';
    case FrontPressFree = 'front_press_free';
    case FrontLoadHurts = 'front_load_hurts';
    case FrontLoadFree = 'front_load_free';
    case ThrustsOutward = 'thrusts_outward';
    case ThrustsInward = 'thrusts_inward';
    case SagNotLookedFor = 'sag_not_looked_for';
    case SagConfirmed = 'sag_confirmed';
    case SagRefuted = 'sag_refuted';
    case TurnsOutBent = 'turns_out_bent';
    case Deformed = 'deformed';
    case BendsUnder90 = 'bends_under_90';
    case BursaHot = 'bursa_hot';
    case WoundWeeps = 'wound_weeps';
    case HurtsAtAnEnd = 'hurts_at_an_end';
    case BoneSore = 'bone_sore';
    case FootNumb = 'foot_numb';
    case PressureVeryLow = 'pressure_very_low';
    case PulsingMass = 'pulsing_mass';
    case BackAbnormal = 'back_abnormal';
    case HipLookedAt = 'hip_looked_at';
    case ShortOfStraight5 = 'short_of_straight_5';
    case ShortOfStraight10 = 'short_of_straight_10';
    case EndsFirm = 'ends_firm';
    case EndsHard = 'ends_hard';
    case StuckShort = 'stuck_short';
    case Lag20 = 'lag_20';
    case ExtensorTender = 'extensor_tender';
    case EndsSpringy = 'ends_springy';
    case Lost20 = 'lost_20';
    case OtherKneeSwells = 'other_knee_swells';
    case OtherKneeWet = 'other_knee_wet';
    case ImpactHurts = 'impact_hurts';
    case HollowsGone = 'hollows_gone';
    case SweepEmpty = 'sweep_empty';
    case TurnsOutLessBentAlone = 'turns_out_less_bent_alone';
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** The rules of the safety gate, in the order in which they are told when equally urgent. */
enum SafetyRule: string
{
    case JointInfection = 'joint_infection';
    case LimbThreat = 'limb_threat';
    case MultiLigament = 'multi_ligament';
    case TwoLigaments = 'two_ligaments';
    case NerveSign = 'nerve_sign';
    case NerveOrBack = 'nerve_or_back';
    case PulseOld = 'pulse_old';
    case OpenJoint = 'open_joint';
    case ChestSigns = 'chest_signs';
    case KneecapOut = 'kneecap_out';
    case FractureLikely = 'fracture_likely';
    case FractureRulePositive = 'fracture_rule_positive';
    case FractureSuspected = 'fracture_suspected';
    case HiddenFracture = 'hidden_fracture';
    case AgeXray = 'age_xray';
    case GrowingBone = 'growing_bone';
    case HotKneeUnasked = 'hot_knee_unasked';
    case SwellingWithoutInjury = 'swelling_without_injury';
    case ExtensorRupture = 'extensor_rupture';
    case ExtensorLate = 'extensor_late';
    case ExtensorLag = 'extensor_lag';
    case ClotSuspected = 'clot_suspected';
    case HipFirst = 'hip_first';
    case HipCheck = 'hip_check';
    case RestPain = 'rest_pain';
    case SeverePain = 'severe_pain';
    case LockedKnee = 'locked_knee';
    case WarmAfterOperation = 'warm_after_operation';
    case Stiff = 'stiff';
    case RecentSurgery = 'recent_surgery';
    case BleedingRisk = 'bleeding_risk';
    case GeneralSwelling = 'general_swelling';
    case BoneStress = 'bone_stress';
    case Lump = 'lump';
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** The rules of the safety gate, in the order in which they are told when equally urgent. */
enum Rule: string
{
    case LimbThreat = 'limb_threat';
    case MultiLigament = 'multi_ligament';
    case NerveSign = 'nerve_sign';
    case NerveOrBack = 'nerve_or_back';
    case PulseOld = 'pulse_old';
    case OpenJoint = 'open_joint';
    case ChestSigns = 'chest_signs';
    case KneecapOut = 'kneecap_out';
    case FractureLikely = 'fracture_likely';
    case FractureRulePositive = 'fracture_rule_positive';
    case AgeXray = 'age_xray';
    case GrowingBone = 'growing_bone';
    case JointInfection = 'joint_infection';
    case HotKneeUnasked = 'hot_knee_unasked';
    case SwellingWithoutInjury = 'swelling_without_injury';
    case ExtensorRupture = 'extensor_rupture';
    case ClotSuspected = 'clot_suspected';
    case HipFirst = 'hip_first';
    case HipCheck = 'hip_check';
    case RestPain = 'rest_pain';
    case SeverePain = 'severe_pain';
    case LockedKnee = 'locked_knee';
    case RecentSurgery = 'recent_surgery';
    case BleedingRisk = 'bleeding_risk';
    case GeneralSwelling = 'general_swelling';
    case BoneStress = 'bone_stress';
    case Lump = 'lump';
}

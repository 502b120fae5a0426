<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** A finding that becomes less urgent with time while it is there; data/urgency.json has the steps of each. */
enum FadingFinding: string
{
    case Deformity = 'deformity';
    /** Pulse or ankle pressure, or new numbness of the foot. */
    case CirculationOrFeeling = 'circulation_or_feeling';
    /** Four steps, a bend to 90°, the fibular head, the patella alone. */
    case FractureSign = 'fracture_sign';
    /** The same, with an X-ray that showed nothing. */
    case FractureSignImaged = 'fracture_sign_imaged';
    case AgeWithSigns = 'age_with_signs';
    case AgeAlone = 'age_alone';
    case GrowingChild = 'growing_child';
    case Growing = 'growing';
    case SeveralLigaments = 'several_ligaments';
    case RaiseImpossible = 'raise_impossible';
    case TenderLag = 'tender_lag';
    case OtherLag = 'other_lag';
    case BloodTold = 'blood_told';
    case BloodToldAtRiskAge = 'blood_told_at_risk_age';
    case BloodByGrade = 'blood_by_grade';
    case BloodByGradeAtRiskAge = 'blood_by_grade_at_risk_age';
    case HardEnd = 'hard_end';
    case Locked = 'locked';
    case KneecapXray = 'kneecap_xray';
    case KneecapXrayGrowing = 'kneecap_xray_growing';
    case KneecapSurgeon = 'kneecap_surgeon';
    case BulgeUnderBleedingRisk = 'bulge_under_bleeding_risk';
    /** In weeks since the operation or the needle. */
    case WarmAfterOperation = 'warm_after_operation';
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** The questions and looks of the safety gate. */
enum SafetyKey: string
{
    case Deformity = 'deformity';
    case BoneCrepitus = 'boneCrepitus';
    case DislocationSuspected = 'dislocationSuspected';
    case ReducedOnItsOwn = 'reducedOnItsOwn';
    case PulseOrSensationLost = 'pulseOrSensationLost';
    case FootDropped = 'footDropped';
    case CalfTense = 'calfTense';
    case CalfSwollenTender = 'calfSwollenTender';
    case BreathlessOrChestPain = 'breathlessOrChestPain';
    case FeverOrHotRedKnee = 'feverOrHotRedKnee';
    case OpenWound = 'openWound';
    case CannotTakeFourSteps = 'cannotTakeFourSteps';
    case CannotFlexTo90 = 'cannotFlexTo90';
    case TenderPatellaAlone = 'tenderPatellaAlone';
    case TenderFibularHead = 'tenderFibularHead';
    case XrayClear = 'xrayClear';
    case CannotStraightLegRaise = 'cannotStraightLegRaise';
    case LockedShort = 'lockedShort';
    case KneecapOutNow = 'kneecapOutNow';
    case RecentSurgery = 'recentSurgery';
    case NightOrRestPain = 'nightOrRestPain';
    case PittingBoth = 'pittingBoth';
    case PittingOneSide = 'pittingOneSide';
    case ShinPainGrows = 'shinPainGrows';
    case LimpHipLimited = 'limpHipLimited';
    case PainAtRest7 = 'painAtRest7';

    /** As a sentence names it: `cannotFlexTo90` is "cannot flex to 90". */
    public function words(): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z0-9])/', ' ', $this->value));
    }
}

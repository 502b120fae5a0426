<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Knee\Condition;

/** What a coach may know: whether to count on the athlete, and nothing medical. */
enum Availability: string
{
    case Available = 'available';
    case Modified = 'modified';
    case Out = 'out';

    private const STRUCTURAL = [
        Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl,
        Condition::MedialMeniscus, Condition::LateralMeniscus, Condition::PatellarInstability,
    ];

    public static function of(Bearings $bearings, Plan $plan): self
    {
        return match (true) {
            $plan->play->answer === PlayAnswer::MayContinue => self::Available,
            $plan->play->answer === PlayAnswer::MayContinueSupported => self::Modified,
            $bearings->isFresh(), $bearings->gate->lines !== [], $bearings->atAct(...self::STRUCTURAL) => self::Out,
            default => self::Modified,
        };
    }
}

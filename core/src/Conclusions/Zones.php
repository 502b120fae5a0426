<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Weighing\Thresholds;
use GrayCompass\Core\Weighing\WeighedChance;
use GrayCompass\Core\Weighing\Zone;

/** A low chance is only called ruled out when hands have been on it and nothing is left unsettled. */
final class Zones
{
    /** How far the interval may reach, as a multiple of the rule-out threshold. */
    private const REACH = 2.0;

    public static function of(WeighedChance $chance, Thresholds $thresholds, bool $tested, bool $unsettled): ConditionZone
    {
        return match (true) {
            $chance->zone === Zone::Act => ConditionZone::Act,
            $chance->zone === Zone::Investigate => ConditionZone::Investigate,
            ! $tested => ConditionZone::Untested,
            $unsettled, $chance->interval[1] >= self::REACH * $thresholds->ruleOut => ConditionZone::Investigate,
            default => ConditionZone::RuledOut,
        };
    }
}

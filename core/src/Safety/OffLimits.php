<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/** Which manoeuvres a rule takes off the table. Pulse, sensation and ankle lift never are. */
final class OffLimits
{
    private const PATELLAR_GLIDES = ['kneecap_glide', 'kneecap_glide_moving'];

    public static function by(Rule $rule, Manoeuvre $manoeuvre): bool
    {
        $family = $manoeuvre->family;
        if ($family === Family::Neurovascular) {
            return false;
        }
        $among = static fn (Family ...$families): bool => in_array($family, $families, true);

        return match ($rule) {
            Rule::LimbThreat, Rule::OpenJoint, Rule::KneecapOut, Rule::FractureLikely, Rule::ChestSigns => ! $among(Family::Look),
            Rule::MultiLigament => $among(Family::Pivot, Family::Drawer, Family::Stress),
            Rule::NerveSign => $among(Family::Stress, Family::Pivot),
            Rule::FractureRulePositive => self::byFractureRule($manoeuvre),
            Rule::JointInfection => ! $among(Family::Look, Family::Fluid),
            Rule::ExtensorRupture => $among(Family::Loaded)
                || in_array($manoeuvre->id, ['resisted_extension', 'quadriceps_active', ...self::PATELLAR_GLIDES], true),
            Rule::ClotSuspected => $among(Family::Loaded) || $manoeuvre->station === Station::Prone || $manoeuvre->id === 'tibial_percussion',
            Rule::HipFirst => $among(Family::Loaded),
            Rule::SeverePain => $among(Family::Loaded, Family::Pivot, Family::Twist),
            Rule::LockedKnee => $among(Family::Twist) || in_array($manoeuvre->id, [
                'bounce_home', 'passive_extension', 'single_leg_squat', 'deep_squat', 'thessaly_5', 'thessaly_20',
            ], true),
            Rule::RecentSurgery => $among(Family::Pivot, Family::Drawer, Family::Twist, Family::Loaded) || $manoeuvre->id === 'resisted_extension',
            Rule::BoneStress => in_array($manoeuvre->id, ['run_cut_stop', 'hop'], true),
            Rule::RestPain, Rule::BleedingRisk, Rule::GeneralSwelling => false,
        };
    }

    private static function byFractureRule(Manoeuvre $manoeuvre): bool
    {
        if ($manoeuvre->id === 'straight_leg_raise') {
            return false;
        }

        return in_array($manoeuvre->family, [Family::Pivot, Family::Twist, Family::Compression, Family::Loaded, Family::Stress, Family::Strength], true)
            || in_array($manoeuvre->id, ['anterior_drawer', 'posterior_drawer'], true);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Grading\Exclusion;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Standing\Standing;

/** The grade of each ligament: the highest of its graded findings. */
final class LigamentGrades
{
    private const LOOSE_STRAIGHT = 3;

    /** 0–3, or null where nothing was graded. */
    public static function of(Condition $condition, Standing $standing): ?int
    {
        $findings = match ($condition) {
            Condition::Acl => ['lachman', 'anterior_drawer'],
            Condition::Pcl => ['posterior_drawer'],
            Condition::Mcl => ['valgus_30_laxity', 'valgus_0_laxity'],
            Condition::Lcl => ['varus_30_laxity', 'varus_0_laxity'],
            default => [],
        };
        $highest = null;
        foreach ($standing->results as $result) {
            $sound = $result->exclusion === null || $result->exclusion === Exclusion::GradeOneIsFirm;
            if ($sound && $result->reading->grade !== null && in_array($result->reading->finding, $findings, true)) {
                $highest = max($highest ?? 0, $result->reading->grade);
            }
        }
        $stress = match ($condition) {
            Condition::Mcl => 'valgus',
            Condition::Lcl => 'varus',
            default => null,
        };
        $looseStraight = $stress !== null && CollateralReading::of($standing, $stress) === CollateralReading::At0Too;

        return $looseStraight ? max($highest ?? 0, self::LOOSE_STRAIGHT) : $highest;
    }
}

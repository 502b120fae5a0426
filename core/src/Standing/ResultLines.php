<?php

declare(strict_types=1);

namespace GrayCompass\Core\Standing;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Grading;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\Urgency;

/** Safety lines that only the results can raise. They never refuse what is already recorded. */
final class ResultLines
{
    private const FRESH_DAYS = 14;

    private const TORN_GRADE = 3;

    private const ACL = ['lachman', 'anterior_drawer', 'pivot_shift', 'anterolateral_shift', 'arthrometer_difference', 'lever_sign'];

    private const PCL = ['posterior_drawer', 'posterior_sag', 'quadriceps_active', 'dial_90'];

    private const MCL = ['valgus_30_laxity', 'valgus_0_laxity'];

    private const LCL = ['varus_30_laxity', 'varus_0_laxity'];

    private const PLC = ['dial_30', 'reverse_pivot_shift', 'external_rotation_recurvatum'];

    /**
     * @return list<SafetyLine>
     */
    public static function of(Examination $examination, Grading $grading, Standing $standing): array
    {
        $lines = [];
        if ($examination->injuredWithin(self::FRESH_DAYS) && self::severalLigaments($standing)) {
            $lines[] = new SafetyLine(Rule::MultiLigament, Urgency::Emergency, 'More than one main ligament gives: the knee may have been out of joint. Feel the pulses and take a pressure index now; no more pulling.');
        }
        if ($examination->episode->bleedingRisk && $grading->effusion?->bloodLikely === true) {
            $lines[] = new SafetyLine(Rule::BleedingRisk, Urgency::SameDay, 'Blood in the joint is likely in an athlete who bleeds easily: a doctor today.');
        }

        return $lines;
    }

    private static function severalLigaments(Standing $standing): bool
    {
        $acl = self::anyPositive($standing, self::ACL);
        $pcl = self::anyPositive($standing, self::PCL);
        $collaterals = [self::anyPositive($standing, self::MCL), self::anyPositive($standing, self::LCL)];
        $torn = self::collateralTorn($standing);
        $count = count(array_filter([$acl, $pcl, ...$collaterals, self::anyPositive($standing, self::PLC)]));

        return ($acl && $pcl) || (($acl || $pcl) && $torn) || $count >= 3;
    }

    /** Grade 3, or loose with the knee straight. */
    private static function collateralTorn(Standing $standing): bool
    {
        foreach ($standing->results as $result) {
            $finding = $result->reading->finding;
            if (! $result->counts() || ! in_array($finding, [...self::MCL, ...self::LCL], true)) {
                continue;
            }
            $looseStraight = str_contains($finding, '_0_') && $result->reading->sign === Sign::Positive;
            if (($result->reading->grade ?? 0) >= self::TORN_GRADE || $looseStraight) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $findings
     */
    private static function anyPositive(Standing $standing, array $findings): bool
    {
        foreach ($findings as $finding) {
            if ($standing->counted($finding) === Sign::Positive) {
                return true;
            }
        }

        return false;
    }
}

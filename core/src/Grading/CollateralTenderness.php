<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;

/** Tenderness along the collateral ligaments, from the landmarks and from the cord felt in figure four. */
final class CollateralTenderness
{
    private const MCL = ['medial_epicondyle', 'medial_ligament_course'];

    private const LCL = ['fibular_head', 'outer_cord'];

    /**
     * @return list<Reading>
     */
    public static function readings(Examination $examination): array
    {
        $landmarks = $examination->hurt('landmark_palpation');
        $figureFour = $examination->hurt('figure_four_lcl');
        $readings = [];
        if ($landmarks !== null) {
            $readings[] = new Reading('mcl_tenderness', $landmarks, Sign::of(self::among($landmarks, self::MCL)));
        }
        $cord = $figureFour?->normal ? false : $figureFour?->flag('tender');
        if ($landmarks !== null || $cord !== null) {
            $atLandmarks = $landmarks !== null && self::among($landmarks, self::LCL);
            $source = $cord !== null && ! $atLandmarks && ($cord || $landmarks === null) ? $figureFour : $landmarks;
            $readings[] = new Reading('lcl_tenderness', $source, Sign::of($atLandmarks || $cord === true));
        }

        return $readings;
    }

    /**
     * @param  list<string>  $places
     */
    private static function among(Record $landmarks, array $places): bool
    {
        return array_intersect($landmarks->words('tender') ?? [], $places) !== [];
    }
}

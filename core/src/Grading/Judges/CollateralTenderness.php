<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;

/**
 * Tenderness along the collateral ligaments, from the landmarks and from the cord felt in figure four.
 *
 * @internal
 */
final class CollateralTenderness
{
    private const MCL = ['medial_epicondyle', 'medial_ligament_course'];

    private const LCL = ['fibular_head', 'outer_cord'];

    /** Days after which a hurt ligament need not be tender any more. Working estimate. */
    private const TENDER_DAYS = 10;

    /**
     * @return list<Reading>
     */
    public static function readings(KneeExamination $examination): array
    {
        $landmarks = $examination->hurt('landmark_palpation');
        $figureFour = $examination->hurt('figure_four_lcl');
        $readings = [];
        if ($landmarks !== null) {
            $readings[] = self::reading('mcl_tenderness', $landmarks, self::among($landmarks, self::MCL), $examination);
        }
        $cord = self::cord($figureFour, $examination);
        if ($landmarks !== null || $cord !== null) {
            $atLandmarks = $landmarks !== null && self::among($landmarks, self::LCL);
            $source = $cord !== null && ! $atLandmarks && ($cord || $landmarks === null) ? $figureFour : $landmarks;
            $readings[] = self::reading('lcl_tenderness', $source, $atLandmarks || $cord === true, $examination);
        }

        return $readings;
    }

    private static function reading(string $finding, ?Record $record, bool $positive, KneeExamination $examination): Reading
    {
        $late = $examination->daysSinceInjury !== null && $examination->daysSinceInjury > self::TENDER_DAYS;

        return new Reading($finding, $record, Outcome::of($positive), $late && ! $positive ? Exclusion::TooLate : null);
    }

    /** Tender, or not to be felt while the other knee's can be; null where figure four says neither. */
    private static function cord(?Record $here, KneeExamination $examination): ?bool
    {
        if ($here === null || $here->normal) {
            return $here === null ? null : false;
        }
        $there = $examination->compared($here->manoeuvre->id);
        $missing = $here->flag('cordFelt') === false
            && ($there?->flag('cordFelt') === true || $there?->normal === true);

        return $missing ? true : $here->flag('tender');
    }

    /**
     * @param  list<string>  $places
     */
    private static function among(Record $landmarks, array $places): bool
    {
        return array_intersect($landmarks->words('tender') ?? [], $places) !== [];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use Closure;
use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Grading\Schools\SideDifference;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Level;

/**
 * Manoeuvres that say something only against the other knee. The arthrometer's 3 mm follow IKDC 1993; the other limits
 * are working estimates.
 *
 * @internal
 */
final readonly class ComparedJudge implements Judge
{
    private const RECURVATUM_DEG = 5.0;

    private const DIAL_DEG = 10.0;

    private const DIAL_CLEAR_DEG = 15.0;

    private const DIAL_GROSS_DEG = 20.0;

    private const SAG_MM = 5.0;

    private const ARTHROMETER_MM = 3.0;

    private const FORCE_MATCH_N = 5.0;

    private const SHORT_OF_STRAIGHT_DEG = 5.0;

    /**
     * The heel of a knee that lacks extension lies so much higher, prone or with the heels propped. Working estimate.
     */
    private const HEEL_CM = 2.0;

    /**
     * @param  Closure(Comparison): (list<Reading>)  $read
     */
    private function __construct(private Closure $read)
    {
    }

    public function judge(Comparison $knees, KneeExamination $examination): Judgement
    {
        return new Judgement(($this->read)($knees));
    }

    /** Null for a kind that needs no other knee. */
    public static function of(JudgeKind $kind): ?self
    {
        $read = match ($kind) {
            JudgeKind::Sag => self::sag(...),
            JudgeKind::Compression => self::compression(...),
            JudgeKind::Dial => self::dial(...),
            JudgeKind::Recurvatum => self::recurvatum(...),
            JudgeKind::Extension => self::extension(...),
            JudgeKind::Arthrometer => self::arthrometer(...),
            default => null,
        };

        return $read === null ? null : new self($read);
    }

    /**
     * @return list<Reading>
     */
    private static function sag(Comparison $knees): array
    {
        $seen = $knees->hurt->normal ? false : $knees->hurt->flag('sagSeen');
        $difference = $knees->difference('stepOffMm');
        if ($seen === null && $difference === null) {
            return $knees->hurt->number('stepOffMm') === null ? [] : [self::uncompared($knees)];
        }

        return [$knees->reading(
            $knees->sign(),
            Outcome::of($seen === true || ($difference !== null && $difference <= -self::SAG_MM)),
        )];
    }

    /**
     * @return list<Reading>
     */
    private static function compression(Comparison $knees): array
    {
        $pain = $knees->hurt->pain();
        if ($pain === null) {
            return [];
        }
        $otherPain = $knees->other?->pain();
        $flaw = match (true) {
            $otherPain === null => Exclusion::OtherKneeMissing,
            $pain >= 1 && $pain <= $otherPain => Exclusion::PainNotFamiliar,
            default => null,
        };

        return [$knees->reading($knees->sign(), Outcome::of($pain >= 1), $flaw)];
    }

    /**
     * @return list<Reading>
     */
    private static function dial(Comparison $knees): array
    {
        $difference = $knees->difference('externalRotationDeg');

        return [$difference === null ? self::uncompared($knees) : new Reading(
            $knees->sign(),
            $knees->hurt,
            Outcome::of($difference > self::DIAL_DEG),
            level: match (true) {
                $difference >= self::DIAL_GROSS_DEG => Level::Gross,
                $difference >= self::DIAL_CLEAR_DEG => Level::Clear,
                $difference > self::DIAL_DEG => Level::Slight,
                default => null,
            },
        )];
    }

    /**
     * @return list<Reading>
     */
    private static function recurvatum(Comparison $knees): array
    {
        $difference = $knees->difference('hyperextensionDeg');
        if ($difference === null) {
            return [self::uncompared($knees)];
        }
        $positive = $difference >= self::RECURVATUM_DEG && $knees->hurt->flag('externalRotationMore') === true;

        return [$knees->reading($knees->sign(), Outcome::of($positive))];
    }

    /**
     * @return list<Reading>
     */
    private static function extension(Comparison $knees): array
    {
        if ($knees->hurt->normal && $knees->other !== null) {
            return [$knees->reading($knees->sign(), Outcome::Negative)];
        }
        $difference = $knees->difference('extensionDeg');
        $springy = $knees->hurt->word('endFeel') === 'springy';
        if ($springy && ($knees->difference('heelHeightCm') ?? 0.0) >= self::HEEL_CM) {
            return [$knees->reading($knees->sign(), Outcome::Positive)];
        }
        if ($difference === null) {
            return $knees->hurt->number('extensionDeg') === null
                && ! $knees->hurt->normal ? [] : [self::uncompared($knees)];
        }
        $positive = $difference <= -self::SHORT_OF_STRAIGHT_DEG && $springy;

        return [$knees->reading($knees->sign(), Outcome::of($positive))];
    }

    /**
     * @return list<Reading>
     */
    private static function arthrometer(Comparison $knees): array
    {
        $difference = $knees->difference('translationMm');
        $force = $knees->difference('forceN');
        if ($difference === null || ($force !== null && \abs($force) > self::FORCE_MATCH_N)) {
            return $knees->hurt->number('translationMm') === null
                && ! $knees->hurt->normal ? [] : [self::uncompared($knees)];
        }

        $positive = $difference >= self::ARTHROMETER_MM;
        $margin = $knees->margin('translationMm');
        if (! $positive && $margin->isOfInstruments()
            && $margin->reaches($difference, self::ARTHROMETER_MM, 0.0)) {
            return [$knees->reading($knees->sign(), Outcome::Equivocal, $margin->flaw)];
        }

        return [new Reading(
            $knees->sign(),
            $knees->hurt,
            Outcome::of($positive),
            level: $positive ? (new SideDifference)->level($difference, false, false) : null,
        )];
    }

    private static function uncompared(Comparison $knees): Reading
    {
        return $knees->reading($knees->sign(), Outcome::Equivocal, Exclusion::OtherKneeMissing);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use Closure;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Aspect;

use function abs;
use function array_filter;
use function array_map;
use function str_starts_with;

/** Manoeuvres whose reading is one question to what was recorded. */
final class PlainJudge implements Judge
{
    private const RECURVATUM_DEG = 5.0;

    private const DIAL_DEG = 10.0;

    private const SAG_MM = 5.0;

    private const ARTHROMETER_MM = 3.0;

    private const FORCE_MATCH_N = 5.0;

    private const SHORT_OF_STRAIGHT_DEG = 5.0;

    private const QUADRICEPS_SHIFT_MM = 2.0;

    /**
     * @param  Closure(Comparison): (list<Reading>)  $read
     */
    private function __construct(private readonly Closure $read)
    {
    }

    public function judge(Comparison $knees, Examination $examination): Judgement
    {
        return new Judgement(($this->read)($knees));
    }

    /** The judge of a manoeuvre that feeds findings by a plain question, or null. */
    public static function of(string $manoeuvre): ?self
    {
        $read = match ($manoeuvre) {
            'posterior_sag' => self::sag(...),
            'quadriceps_active' => self::one('quadriceps_active', static fn (Record $r): ?bool => self::over($r->number('shiftMm'), self::QUADRICEPS_SHIFT_MM)),
            'pivot_shift' => self::one('pivot_shift', static fn (Record $r): ?bool => self::otherThan($r->word('grade'), 'none')),
            'anterolateral_shift' => self::one('anterolateral_shift', static fn (Record $r): ?bool => $r->flag('felt')),
            'reverse_pivot_shift' => self::one('reverse_pivot_shift', static fn (Record $r): ?bool => $r->flag('felt')),
            'lever_sign' => self::one('lever_sign', static fn (Record $r): ?bool => self::not($r->flag('heelRises'))),
            'bounce_home' => self::one('bounce_home', static fn (Record $r): ?bool => self::otherThan($r->word('end'), 'full')),
            'kneecap_compression' => self::compression(...),
            'kneecap_glide' => self::one('patellar_apprehension', self::apprehension(...)),
            'kneecap_glide_moving' => self::one('moving_patellar_apprehension', self::apprehension(...)),
            'kneecap_edges' => self::one('patellar_edge_tenderness', static fn (Record $r): ?bool => $r->flag('tenderMedial') === null && $r->flag('tenderLateral') === null
                ? null : ($r->flag('tenderMedial') === true || $r->flag('tenderLateral') === true)),
            'deep_squat' => self::one('squat_front_pain', static fn (Record $r): ?bool => $r->flag('painFront')),
            'step_down' => self::one('step_down_pain', static fn (Record $r): ?bool => $r->flag('painFront')),
            'resisted_extension' => self::one('resisted_extension_pain', static fn (Record $r): ?bool => $r->flag('painFront')),
            'dial_30', 'dial_90' => self::dial(...),
            'toe_lift_recurvatum' => self::recurvatum(...),
            'passive_extension' => self::extension(...),
            'arthrometer' => self::arthrometer(...),
            'joint_line_palpation' => self::jointLine(...),
            'displacement_tenderness' => self::displacement(...),
            default => null,
        };

        return $read === null ? null : new self($read);
    }

    /**
     * @param  Closure(Record): ?bool  $positive  null: what was recorded does not answer
     * @return Closure(Comparison): (list<Reading>)
     */
    private static function one(string $finding, Closure $positive): Closure
    {
        return static function (Comparison $knees) use ($finding, $positive): array {
            $answer = $knees->hurt->normal ? false : $positive($knees->hurt);

            return $answer === null ? [] : [$knees->reading($finding, Sign::of($answer))];
        };
    }

    /**
     * @return list<Reading>
     */
    private static function sag(Comparison $knees): array
    {
        $seen = $knees->hurt->normal ? false : $knees->hurt->flag('sagSeen');
        $difference = $knees->difference('stepOffMm');
        if ($seen === null && $difference === null) {
            return $knees->hurt->number('stepOffMm') === null ? [] : [self::uncompared($knees, 'posterior_sag')];
        }

        return [$knees->reading('posterior_sag', Sign::of($seen === true || ($difference !== null && $difference <= -self::SAG_MM)))];
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

        return [$knees->reading('patellar_compression', Sign::of($pain >= 1), $flaw)];
    }

    /**
     * @return list<Reading>
     */
    private static function dial(Comparison $knees): array
    {
        $finding = $knees->hurt->manoeuvre->id;
        $difference = $knees->difference('externalRotationDeg');

        return [$difference === null ? self::uncompared($knees, $finding) : $knees->reading($finding, Sign::of($difference > self::DIAL_DEG))];
    }

    /**
     * @return list<Reading>
     */
    private static function recurvatum(Comparison $knees): array
    {
        $difference = $knees->difference('hyperextensionDeg');
        if ($difference === null) {
            return [self::uncompared($knees, 'external_rotation_recurvatum')];
        }
        $positive = $difference >= self::RECURVATUM_DEG && $knees->hurt->flag('externalRotationMore') === true;

        return [$knees->reading('external_rotation_recurvatum', Sign::of($positive))];
    }

    /**
     * @return list<Reading>
     */
    private static function extension(Comparison $knees): array
    {
        if ($knees->hurt->normal && $knees->other !== null) {
            return [$knees->reading('loss_of_extension', Sign::Negative)];
        }
        $difference = $knees->difference('extensionDeg');
        if ($difference === null) {
            return $knees->hurt->number('extensionDeg') === null && ! $knees->hurt->normal ? [] : [self::uncompared($knees, 'loss_of_extension')];
        }
        $positive = $difference <= -self::SHORT_OF_STRAIGHT_DEG && $knees->hurt->word('endFeel') === 'springy';

        return [$knees->reading('loss_of_extension', Sign::of($positive))];
    }

    /**
     * @return list<Reading>
     */
    private static function arthrometer(Comparison $knees): array
    {
        $difference = $knees->difference('translationMm');
        $force = $knees->difference('forceN');
        if ($difference === null || ($force !== null && abs($force) > self::FORCE_MATCH_N)) {
            return $knees->hurt->number('translationMm') === null && ! $knees->hurt->normal ? [] : [self::uncompared($knees, 'arthrometer_difference')];
        }

        return [$knees->reading('arthrometer_difference', Sign::of($difference >= self::ARTHROMETER_MM))];
    }

    /**
     * @return list<Reading>
     */
    private static function jointLine(Comparison $knees): array
    {
        $points = $knees->hurt->normal ? [] : $knees->hurt->words('points');
        if ($points === null) {
            return [];
        }
        $tender = static fn (Aspect $aspect): bool => array_filter($points, static fn (string $point): bool => str_starts_with($point, $aspect->value)) !== [];

        return array_map(
            static fn (Aspect $aspect): Reading => $knees->reading("joint_line_tenderness_{$aspect->value}", Sign::of($tender($aspect))),
            Aspect::cases(),
        );
    }

    /**
     * @return list<Reading>
     */
    private static function displacement(Comparison $knees): array
    {
        $tender = $knees->hurt->normal ? false : $knees->hurt->flag('tender');
        $moves = $knees->hurt->flag('movesBackOnBending');
        $site = Aspect::tryFrom($knees->hurt->word('site') ?? '');
        if ($tender === null || ($tender && $moves === null)) {
            return [];
        }
        $positive = $tender && $moves === true;
        $sign = $positive && $site === null ? Sign::Equivocal : Sign::of($positive);

        return array_map(
            static fn (Aspect $aspect): Reading => $knees->reading("displacement_tenderness_{$aspect->value}", $sign),
            $site !== null && $tender ? [$site] : Aspect::cases(),
        );
    }

    private static function uncompared(Comparison $knees, string $finding): Reading
    {
        return $knees->reading($finding, Sign::Equivocal, Exclusion::OtherKneeMissing);
    }

    /** Only fear of the kneecap leaving its groove counts; pain alone does not. */
    private static function apprehension(Record $hurt): ?bool
    {
        $answer = $hurt->word('outwardApprehension');

        return $answer === null ? null : $answer === 'apprehension';
    }

    private static function over(?float $value, float $limit): ?bool
    {
        return $value === null ? null : $value > $limit;
    }

    private static function otherThan(?string $word, string $normal): ?bool
    {
        return $word === null ? null : $word !== $normal;
    }

    private static function not(?bool $answer): ?bool
    {
        return $answer === null ? null : ! $answer;
    }
}

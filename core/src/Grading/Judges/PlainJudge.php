<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use Closure;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Aspect;
use GrayCompass\Core\Knee\Level;

/**
 * Manoeuvres whose reading is one question to what was recorded.
 *
 * @internal
 */
final readonly class PlainJudge implements Judge
{
    private const QUADRICEPS_SHIFT_MM = 2.0;

    /**
     * @param  Closure(Comparison): (list<Reading>)  $read
     */
    private function __construct(private Closure $read)
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
            'quadriceps_active' => self::one('quadriceps_active', static fn (Record $r): ?bool => self::over($r->number('shiftMm'), self::QUADRICEPS_SHIFT_MM)),
            'pivot_shift' => self::pivot(...),
            'anterolateral_shift' => self::one('anterolateral_shift', static fn (Record $r): ?bool => $r->flag('felt')),
            'reverse_pivot_shift' => self::one('reverse_pivot_shift', static fn (Record $r): ?bool => $r->flag('felt')),
            'lever_sign' => self::one('lever_sign', static fn (Record $r): ?bool => self::not($r->flag('heelRises'))),
            'bounce_home' => self::one('bounce_home', static fn (Record $r): ?bool => self::otherThan($r->word('end'), 'full')),
            'kneecap_glide' => self::compared('patellar_apprehension', self::apprehension(...)),
            'kneecap_glide_moving' => self::compared('moving_patellar_apprehension', self::apprehension(...)),
            'kneecap_edges' => self::compared('patellar_edge_tenderness', static fn (Record $r): ?bool => $r->flag('tenderMedial') === null && $r->flag('tenderLateral') === null
                ? null : ($r->flag('tenderMedial') === true || $r->flag('tenderLateral') === true)),
            'deep_squat' => self::compared('squat_front_pain', static fn (Record $r): ?bool => $r->flag('painFront')),
            'step_down' => self::compared('step_down_pain', static fn (Record $r): ?bool => $r->flag('painFront')),
            'resisted_extension' => self::one('resisted_extension_pain', static fn (Record $r): ?bool => $r->flag('painFront')),
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

            return $answer === null ? [] : [$knees->reading($finding, Outcome::of($answer))];
        };
    }

    /**
     * As `one`, but what the other knee shows as well says nothing.
     *
     * @param  Closure(Record): ?bool  $positive
     * @return Closure(Comparison): (list<Reading>)
     */
    private static function compared(string $finding, Closure $positive): Closure
    {
        return static function (Comparison $knees) use ($finding, $positive): array {
            $answer = $knees->hurt->normal ? false : $positive($knees->hurt);
            if ($answer === null) {
                return [];
            }
            $alike = $answer && $knees->other !== null && $positive($knees->other) === true;

            return [$alike ? $knees->reading($finding, Outcome::Equivocal, Exclusion::SameOnOtherKnee) : $knees->reading($finding, Outcome::of($answer))];
        };
    }

    /**
     * @return list<Reading>
     */
    private static function pivot(Comparison $knees): array
    {
        $grade = $knees->hurt->normal ? 'none' : $knees->hurt->word('grade');
        if ($grade === null) {
            return [];
        }
        $otherGlides = $knees->other !== null && self::otherThan($knees->other->word('grade'), 'none') === true;
        if ($grade === 'glide' && $otherGlides) {
            return [$knees->reading('pivot_shift', Outcome::Equivocal, Exclusion::SameOnOtherKnee)];
        }
        $level = match ($grade) {
            'glide' => Level::Slight,
            'clunk' => Level::Clear,
            'gross' => Level::Gross,
            default => null,
        };

        return [new Reading('pivot_shift', $knees->hurt, Outcome::of($level !== null), level: $level)];
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
        $others = $knees->other?->words('points') ?? [];

        return array_map(static function (Aspect $aspect) use ($knees, $points, $others): Reading {
            $tender = self::onSide($points, $aspect);
            $alike = $tender && self::onSide($others, $aspect);

            return $knees->reading("joint_line_tenderness_{$aspect->value}", $alike ? Outcome::Equivocal : Outcome::of($tender), $alike ? Exclusion::SameOnOtherKnee : null);
        }, Aspect::cases());
    }

    /**
     * @param  list<string>  $points
     */
    private static function onSide(array $points, Aspect $aspect): bool
    {
        return array_filter($points, static fn (string $point): bool => str_starts_with($point, $aspect->value)) !== [];
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
        $sign = $positive && $site === null ? Outcome::Equivocal : Outcome::of($positive);

        return array_map(
            static fn (Aspect $aspect): Reading => $knees->reading("displacement_tenderness_{$aspect->value}", $sign),
            $site !== null && $tender ? [$site] : Aspect::cases(),
        );
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

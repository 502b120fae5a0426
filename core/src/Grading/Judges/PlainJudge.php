<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use Closure;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
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

    public static function pivotShift(): self
    {
        return new self(self::pivot(...));
    }

    public static function jointLines(): self
    {
        return new self(self::jointLine(...));
    }

    public static function displacements(): self
    {
        return new self(self::displacement(...));
    }

    public static function patellarEdges(): self
    {
        return new self(self::edges(...));
    }

    /**
     * Either edge is tender, and the other patella's is not.
     *
     * @return list<Reading>
     */
    private static function edges(Comparison $knees): array
    {
        $tender = static fn (Record $record): ?bool => $record->flag('tenderMedial') === null
            && $record->flag('tenderLateral') === null
            ? null : ($record->flag('tenderMedial') === true || $record->flag('tenderLateral') === true);
        $here = $knees->hurt->normal ? false : $tender($knees->hurt);
        if ($here === null) {
            return [];
        }
        $alike = $here && $knees->other !== null && $tender($knees->other) === true;

        return [$alike
            ? $knees->reading($knees->sign(), Outcome::Equivocal, Exclusion::SameOnOtherKnee)
            : $knees->reading($knees->sign(), Outcome::of($here))];
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
            return [$knees->reading($knees->sign(), Outcome::Equivocal, Exclusion::SameOnOtherKnee)];
        }
        $level = match ($grade) {
            'glide' => Level::Slight,
            'clunk' => Level::Clear,
            'gross' => Level::Gross,
            default => null,
        };

        return [new Reading($knees->sign(), $knees->hurt, Outcome::of($level !== null), level: $level)];
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

            return $knees->reading(
                "joint_line_tenderness_{$aspect->value}",
                $alike ? Outcome::Equivocal : Outcome::of($tender),
                $alike ? Exclusion::SameOnOtherKnee : null,
            );
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

    private static function otherThan(?string $word, string $normal): ?bool
    {
        return $word === null ? null : $word !== $normal;
    }
}

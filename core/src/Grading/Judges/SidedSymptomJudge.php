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
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Knee\Aspect;
use GrayCompass\Core\Sentences\Sentence;

/**
 * Meniscal tests that ask for a symptom and the side where it is felt: Apley, grind, Thessaly.
 *
 * @internal
 */
final readonly class SidedSymptomJudge implements Judge
{
    private const ELSEWHERE = 'elsewhere';

    /** Bend up to which a free turn still counts as the one at 20°. Working estimate. */
    private const THESSALY_DEG = 35;

    /** Up to this bend a Thessaly counts as the one at 5°. Working estimate. */
    private const NEARLY_STRAIGHT_DEG = 10;

    /** Up to this bend it is as good as the one at 20°. Working estimate. */
    private const NEARLY_ASKED_DEG = 25;

    /**
     * @param  Closure(Record): bool  $symptom
     * @param  Closure(Record, bool): array{string, Exclusion|null, Remark|null}  $finding  stem of the sign's id, a reason against any reading, and what to say
     * @param  bool  $compares  what the other knee feels as well says nothing
     */
    private function __construct(private Closure $symptom, private Closure $finding, private bool $compares = false)
    {
    }

    public static function apley(): self
    {
        return new self(
            static fn (Record $hurt): bool => $hurt->flag('compressionPain') === true,
            static fn (): array => ['apley', null, null],
        );
    }

    public static function grind(): self
    {
        return new self(
            static fn (Record $hurt): bool => ($hurt->pain() ?? 0.0) >= 1 || $hurt->flag('click') === true,
            static fn (): array => ['meniscal_grind', null, null],
            compares: true,
        );
    }

    public static function thessaly(): self
    {
        return new self(
            static fn (Record $hurt): bool => ($hurt->pain() ?? 0.0) >= 1 || $hurt->flag('click') === true
                || $hurt->flag('locking') === true || $hurt->flag('givesWay') === true,
            self::thessalyByAngle(...),
        );
    }

    public function judge(Comparison $knees, KneeExamination $examination): Judgement
    {
        $hurt = $knees->hurt;
        $symptom = ($this->symptom)($hurt);
        [$stem, $flaw, $remark] = ($this->finding)($hurt, $symptom);
        $remarks = $remark === null ? [] : [$remark];
        if (! $symptom) {
            return new Judgement(array_map(
                static fn (Aspect $aspect): Reading => $knees->reading(
                    "{$stem}_{$aspect->value}",
                    Outcome::Negative,
                    $flaw,
                ),
                Aspect::cases(),
            ));
        }
        $site = $hurt->word('site');
        $named = Aspect::tryFrom($site ?? '');
        if ($this->alike($knees)) {
            return new Judgement(array_map(
                static fn (Aspect $aspect): Reading => $knees->reading(
                    "{$stem}_{$aspect->value}",
                    Outcome::Equivocal,
                    Exclusion::SameOnOtherKnee,
                ),
                $named === null ? Aspect::cases() : [$named],
            ));
        }
        if ($named !== null) {
            $borrowed = $stem !== $hurt->manoeuvre->id && str_starts_with($stem, 'thessaly');

            return new Judgement(
                [new Reading("{$stem}_{$named->value}", $hurt, Outcome::Positive, $flaw, borrowed: $borrowed)],
                null,
                $remarks,
            );
        }
        $sign = $site === self::ELSEWHERE ? Outcome::Positive : Outcome::Equivocal;
        $elsewhere = $site === self::ELSEWHERE ? Exclusion::PainElsewhere : null;

        return new Judgement(array_map(
            static fn (Aspect $aspect): Reading => $knees->reading(
                "{$stem}_{$aspect->value}",
                $sign,
                $flaw ?? $elsewhere,
            ),
            Aspect::cases(),
        ), null, $remarks);
    }

    /** The other knee hurts alike, within what a person can tell apart. */
    private function alike(Comparison $knees): bool
    {
        $other = $knees->other?->pain() ?? 0.0;

        return $this->compares
            && $other >= 1
            && \abs(($knees->hurt->pain() ?? 0.0) - $other) <= McMurrayJudge::SAME_PAIN;
    }

    /**
     * The bend that was really held decides which figures apply; beyond both a positive speaks as 20°.
     *
     * @return array{string, Exclusion|null, Remark|null}
     */
    private static function thessalyByAngle(Record $hurt, bool $positive): array
    {
        $angle = $hurt->number('angleDeg');

        return match (true) {
            $angle === null => [$hurt->manoeuvre->id, null, null],
            $angle <= self::NEARLY_STRAIGHT_DEG => ['thessaly_5', null, null],
            $angle > self::THESSALY_DEG && ! $positive => [$hurt->manoeuvre->id, Exclusion::AngleBetween, null],
            default => ['thessaly_20', null, $angle <= self::NEARLY_ASKED_DEG ? null : new Remark(
                'angle_between',
                new Sentence('remark.angle_between.thessaly'),
            )],
        };
    }
}

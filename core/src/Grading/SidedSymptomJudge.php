<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use Closure;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Aspect;

/** Meniscal tests that ask for a symptom and the side where it is felt: Apley, grind, Thessaly. */
final class SidedSymptomJudge implements Judge
{
    private const ELSEWHERE = 'elsewhere';

    /**
     * @param  Closure(Record): bool  $symptom
     * @param  Closure(Record): array{string, Exclusion|null}  $finding  stem of the finding's id, and a reason against any reading
     */
    private function __construct(private readonly Closure $symptom, private readonly Closure $finding)
    {
    }

    public static function apley(): self
    {
        return new self(static fn (Record $hurt): bool => $hurt->flag('compressionPain') === true, static fn (): array => ['apley', null]);
    }

    public static function grind(): self
    {
        return new self(
            static fn (Record $hurt): bool => ($hurt->pain() ?? 0.0) >= 1 || $hurt->flag('click') === true,
            static fn (): array => ['meniscal_grind', null],
        );
    }

    public static function thessaly(): self
    {
        return new self(
            static fn (Record $hurt): bool => ($hurt->pain() ?? 0.0) >= 1 || $hurt->flag('click') === true || $hurt->flag('locking') === true,
            self::thessalyByAngle(...),
        );
    }

    public function judge(Comparison $knees, Examination $examination): Judgement
    {
        $hurt = $knees->hurt;
        [$stem, $flaw] = ($this->finding)($hurt);
        if (! ($this->symptom)($hurt)) {
            return new Judgement(array_map(
                static fn (Aspect $aspect): Reading => $knees->reading("{$stem}_{$aspect->value}", Sign::Negative, $flaw),
                Aspect::cases(),
            ));
        }
        $site = $hurt->word('site');
        $named = Aspect::tryFrom($site ?? '');
        if ($named !== null) {
            return new Judgement([$knees->reading("{$stem}_{$named->value}", Sign::Positive, $flaw)]);
        }
        $sign = $site === self::ELSEWHERE ? Sign::Positive : Sign::Equivocal;
        $elsewhere = $site === self::ELSEWHERE ? Exclusion::PainElsewhere : null;

        return new Judgement(array_map(
            static fn (Aspect $aspect): Reading => $knees->reading("{$stem}_{$aspect->value}", $sign, $flaw ?? $elsewhere),
            Aspect::cases(),
        ));
    }

    /**
     * The bend that was really held decides which figures apply.
     *
     * @return array{string, Exclusion|null}
     */
    private static function thessalyByAngle(Record $hurt): array
    {
        $angle = $hurt->number('angleDeg');

        return match (true) {
            $angle === null => [$hurt->manoeuvre->id, null],
            $angle <= 10 => ['thessaly_5', null],
            $angle <= 25 => ['thessaly_20', null],
            default => [$hurt->manoeuvre->id, Exclusion::AngleBetween],
        };
    }
}

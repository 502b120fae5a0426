<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Inference\Model\Logit;

/**
 * How often chances come true, by condition and over all of them: mean chance against share, slope of the truth on the
 * log odds (1: neither too bold nor too timid), observed over expected, Brier score.
 */
final class Calibration
{
    private const STEPS = 25;

    /** @var array<string, list<float>> chances, by condition */
    private array $chances = [];

    /** @var array<string, list<bool>> what was true, by condition */
    private array $truths = [];

    /** @param  float  $chance  in (0, 1) */
    public function take(Condition $condition, float $chance, bool $isTrue): void
    {
        $this->chances[$condition->value][] = $chance;
        $this->truths[$condition->value][] = $isTrue;
    }

    /** Mean chance of a condition, in (0, 1). */
    public function mean(Condition $condition): float
    {
        $chances = $this->chances[$condition->value] ?? [];

        return $chances === [] ? 0.0 : \array_sum($chances) / \count($chances);
    }

    /** Share of knees that have the condition, in [0, 1]. */
    public function share(Condition $condition): float
    {
        $truths = $this->truths[$condition->value] ?? [];

        return $truths === [] ? 0.0 : \count(array_filter($truths)) / \count($truths);
    }

    /** Standard error of the share around the mean chance. */
    public function standardError(Condition $condition): float
    {
        $variance = 0.0;
        foreach ($this->chances[$condition->value] ?? [] as $chance) {
            $variance += $chance * (1 - $chance);
        }

        return \sqrt($variance) / \max(1, \count($this->chances[$condition->value] ?? []));
    }

    /** Over all conditions; likewise the following. */
    public function observedOverExpected(): float
    {
        $expected = \array_sum(array_merge(...array_values($this->chances)));

        return \count(array_filter(array_merge(...array_values($this->truths)))) / $expected;
    }

    public function brier(): float
    {
        $sum = 0.0;
        $chances = array_merge(...array_values($this->chances));
        foreach (array_merge(...array_values($this->truths)) as $at => $isTrue) {
            $sum += ($chances[$at] - ($isTrue ? 1.0 : 0.0)) ** 2;
        }

        return $sum / \count($chances);
    }

    /** By logistic regression of the truth on the log odds, with an intercept (Newton's method). */
    public function slope(): float
    {
        $odds = array_map(Logit::of(...), array_merge(...array_values($this->chances)));
        $truths = array_merge(...array_values($this->truths));
        [$a, $b] = [0.0, 1.0];
        for ($step = 0; $step < self::STEPS; $step++) {
            [$g0, $g1, $h00, $h01, $h11] = [0.0, 0.0, 0.0, 0.0, 0.0];
            foreach ($odds as $at => $x) {
                $p = Logit::chance($a + $b * $x);
                $rest = ($truths[$at] ? 1.0 : 0.0) - $p;
                $weight = $p * (1 - $p);
                $g0 += $rest;
                $g1 += $rest * $x;
                $h00 += $weight;
                $h01 += $weight * $x;
                $h11 += $weight * $x * $x;
            }
            $determinant = $h00 * $h11 - $h01 * $h01;
            $a += ($h11 * $g0 - $h01 * $g1) / $determinant;
            $b += ($h00 * $g1 - $h01 * $g0) / $determinant;
        }

        return $b;
    }

    public function text(string $when): string
    {
        $lines = [sprintf('%-24s %8s %8s %8s', $when, 'said', 'true', '3 s.e.')];
        foreach (Condition::cases() as $condition) {
            $lines[] = sprintf(
                '%-24s %7.1f%% %7.1f%% %7.1f%%',
                $condition->value,
                100 * $this->mean($condition),
                100 * $this->share($condition),
                300 * $this->standardError($condition),
            );
        }
        $lines[] = sprintf(
            'pooled slope %.2f, observed/expected %.2f, Brier %.4f',
            $this->slope(),
            $this->observedOverExpected(),
            $this->brier(),
        );

        return implode("\n", $lines)."\n";
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Readings\InHundred;

/**
 * A tempting wrong reading of sensitivity or specificity, answered with this knee's numbers.
 * What counts as rare or even is a working estimate.
 *
 * @internal
 */
final readonly class MistakenReading
{
    private const RARE = 0.02;

    private const EVEN = 0.5;

    private function __construct(
        public string $condition,
        public string $finding,
        public Sentence $mistake,
        public Sentence $answer,
    ) {
    }

    /**
     * Of the most telling hands-on result that speaks of this condition alone; null when there is none.
     * Asked only where the condition is at the point of acting, or near a threshold.
     *
     * @param  int  $position  of the condition in the problem
     * @param  string  $injury  its name
     * @param  callable(string): string  $nameOf  what a finding is called
     */
    public static function of(Problem $problem, int $position, string $injury, callable $nameOf): ?self
    {
        $result = self::mostTelling($problem, $position);
        // A level has a figure of its own; what is misread is the published one of the test.
        $row = ($result->otherwise ?? $result?->finding)?->rowFor($position);
        if ($result === null || $row === null) {
            return null;
        }
        $condition = $problem->conditions[$position];
        [$mistake, $answer] = $result->outcome === Outcome::Positive
            ? self::ofPositive($row, $nameOf($result->finding->id), $condition->pretest, $injury)
            : self::ofNegative($row, $nameOf($result->finding->id), $condition->pretest, $injury);

        return new self($condition->id, $result->finding->id, $mistake, $answer);
    }

    /** Within half or double the odds of a threshold, or past the point of acting. */
    public static function isTempting(float $chance, Thresholds $thresholds): bool
    {
        $near = static fn (float $threshold): bool => \abs(Logit::of($chance) - Logit::of($threshold)) <= \log(2);

        return $chance >= $thresholds->act || $near($thresholds->act) || $near($thresholds->ruleOut);
    }

    private static function mostTelling(Problem $problem, int $position): ?Result
    {
        $best = null;
        $weight = 0.0;
        foreach ($problem->groups as $group) {
            foreach ($group->results as $result) {
                $row = str_starts_with($result->finding->id, 'story_')
                    || \count($result->finding->rows) > 1 ? null : $result->finding->rowFor($position);
                if ($row !== null && \abs(\log($row->ratio($result->outcome))) > $weight) {
                    $weight = \abs(\log($row->ratio($result->outcome)));
                    $best = $result;
                }
            }
        }

        return $best;
    }

    /**
     * @return array{Sentence, Sentence}
     */
    private static function ofPositive(Row $row, string $name, float $before, string $injury): array
    {
        $percent = InHundred::of($row->specificity->published);
        $after = static fn (float $chance): string => self::after($chance, $row->ratio(Outcome::Positive));

        return [new Sentence('misread.specificity', ['percent' => $percent]), new Sentence('misread.specificity.answer', [
            'percent' => $percent, 'before' => InHundred::of($before), 'test' => $name, 'after' => $after($before),
            'rare' => InHundred::of(self::RARE), 'afterRare' => $after(self::RARE), 'injury' => $injury,
        ])];
    }

    /**
     * @return array{Sentence, Sentence}
     */
    private static function ofNegative(Row $row, string $name, float $before, string $injury): array
    {
        $percent = InHundred::of($row->sensitivity->published);
        $after = static fn (float $chance): string => self::after($chance, $row->ratio(Outcome::Negative));

        return [new Sentence('misread.sensitivity', ['percent' => $percent]), new Sentence('misread.sensitivity.answer', [
            'percent' => $percent, 'before' => InHundred::of($before), 'test' => $name, 'after' => $after($before),
            'afterEven' => $after(self::EVEN), 'injury' => $injury,
        ])];
    }

    private static function after(float $before, float $ratio): string
    {
        return InHundred::of(Logit::chance(Logit::of($before) + \log($ratio)));
    }
}

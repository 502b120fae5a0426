<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Weighing\Logit;
use GrayCompass\Core\Weighing\Outcome;
use GrayCompass\Core\Weighing\Problem;
use GrayCompass\Core\Weighing\Result;

/** A tempting wrong reading of sensitivity or specificity, answered with this knee's numbers. */
final class MistakenReading
{
    private const RARE = 0.02;

    private function __construct(
        public readonly Condition $condition,
        public readonly string $finding,
        public readonly string $mistake,
        public readonly string $answer,
    ) {
    }

    /**
     * The most telling hands-on result for a condition, or null when there is none.
     *
     * @param  list<Result>  $results  counted hands-on results
     */
    public static function of(Condition $condition, int $position, Problem $problem, array $results, Catalogue $catalogue): ?self
    {
        $best = null;
        $weight = 0.0;
        foreach ($results as $result) {
            $row = $result->finding->rowFor($position);
            if ($row !== null && abs(log($row->ratio($result->outcome))) > $weight) {
                $weight = abs(log($row->ratio($result->outcome)));
                $best = $result;
            }
        }
        $row = $best?->finding->rowFor($position);
        if ($best === null || $row === null) {
            return null;
        }
        $before = $problem->conditions[$position]->pretest;
        $ratio = $row->ratio($best->outcome);
        $after = static fn (float $chance): int => self::inHundred(Logit::chance(Logit::of($chance) + log($ratio)));
        $name = $catalogue->feeding($best->finding->id)?->card->name ?? $best->finding->id;
        $injury = $condition->label();
        $base = self::inHundred($before);
        if ($best->outcome === Outcome::Positive) {
            $percent = self::inHundred($row->specificity->published);

            return new self($condition, $best->finding->id, "“{$percent} % specific, so {$percent} % sure of it?”",
                "No. {$percent} % is the share of knees without the injury that test negative. With {$base} in 100 before, a positive {$name} alone makes it {$after($before)} in 100; with 2 in 100 before it would be {$after(self::RARE)} ({$injury}).");
        }
        $percent = self::inHundred($row->sensitivity->published);

        return new self($condition, $best->finding->id, "“{$percent} % sensitive, so a negative test is {$percent} % sure?”",
            "No. {$percent} % is the share of injured knees that test positive. With {$base} in 100 before, a negative {$name} alone leaves {$after($before)} in 100; with half before it would leave {$after(0.5)} ({$injury}).");
    }

    private static function inHundred(float $chance): int
    {
        return (int) round(100 * $chance);
    }
}

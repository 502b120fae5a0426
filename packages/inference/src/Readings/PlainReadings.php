<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Result;

/**
 * The two readings a person would make by hand, one condition at a time and without echo.
 *
 * @internal
 */
final readonly class PlainReadings
{
    private const TIE = 1e-9;

    /**
     * @param  array<int, float>  $textbook  by condition: the base rate's odds times the likelihood ratio of each result's
     *                                 own row, one after the other
     * @param  array<int, float>  $strongest  by condition: the base rate's odds times the most telling ratio only
     */
    private function __construct(public array $textbook, public array $strongest)
    {
    }

    public static function of(Problem $problem): self
    {
        $textbook = $before = [];
        foreach ($problem->conditions as $condition) {
            $textbook[] = $before[] = Logit::of($condition->pretest);
        }
        $most = array_fill(0, \count($before), 0.0);
        $telling = [];
        foreach ($problem->groups as $group) {
            foreach ($group->results as $result) {
                foreach ($result->finding->rows as $row) {
                    $weight = \log($row->ratio($result->outcome));
                    $k = $row->condition;
                    $textbook[$k] += $weight;
                    if (! isset($telling[$k]) || self::outranks($weight, $result, $most[$k], $telling[$k])) {
                        $most[$k] = $weight;
                        $telling[$k] = $result;
                    }
                }
            }
        }
        $strongest = [];
        foreach ($before as $k => $logOdds) {
            $textbook[$k] = Logit::chance($textbook[$k]);
            $strongest[] = Logit::chance($logOdds + $most[$k]);
        }

        return new self($textbook, $strongest);
    }

    /** Of equals the positive one, then the first by finding id. */
    private static function outranks(float $weight, Result $result, float $than, Result $thanResult): bool
    {
        $difference = \abs($weight) - \abs($than);
        if (\abs($difference) > self::TIE) {
            return $difference > 0;
        }
        if ($result->outcome !== $thanResult->outcome) {
            return $result->outcome === Outcome::Positive;
        }

        return strcmp($result->finding->id, $thanResult->finding->id) < 0;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** The two readings a person would make by hand, one condition at a time and without echo. */
final class PlainReadings
{
    private const TIE = 1e-9;

    /**
     * The base rate's odds times the likelihood ratio of each result's own row, one after the other.
     *
     * @param  list<Result>  $results
     */
    public static function textbook(WeighedCondition $condition, int $position, array $results): float
    {
        $logOdds = Logit::of($condition->pretest);
        foreach ($results as $result) {
            $row = $result->finding->rowFor($position);
            $logOdds += $row === null ? 0.0 : log($row->ratio($result->outcome));
        }

        return Logit::chance($logOdds);
    }

    /**
     * The base rate's odds times the most telling likelihood ratio only; of equals the positive one,
     * then the first by finding id.
     *
     * @param  list<Result>  $results
     */
    public static function strongest(WeighedCondition $condition, int $position, array $results): float
    {
        $logOdds = Logit::of($condition->pretest);
        $best = null;
        foreach ($results as $result) {
            $row = $result->finding->rowFor($position);
            if ($row === null) {
                continue;
            }
            $weight = log($row->ratio($result->outcome));
            if ($best === null || self::outranks($weight, $result, $best[0], $best[1])) {
                $best = [$weight, $result];
            }
        }

        return Logit::chance($logOdds + ($best[0] ?? 0.0));
    }

    private static function outranks(float $weight, Result $result, float $than, Result $thanResult): bool
    {
        $difference = abs($weight) - abs($than);
        if (abs($difference) > self::TIE) {
            return $difference > 0;
        }
        if ($result->outcome !== $thanResult->outcome) {
            return $result->outcome === Outcome::Positive;
        }

        return strcmp($result->finding->id, $thanResult->finding->id) < 0;
    }
}

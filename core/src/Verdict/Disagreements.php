<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Readings\Weighed;

/**
 * Tests that measure the same thing the same way and yet differ, where the one alone would leave another zone than the
 * other alone.
 *
 * @internal
 */
final class Disagreements
{
    /**
     * @return list<string> condition ids
     */
    public static function of(SettledResults $results, Weighed $weighed): array
    {
        $weighedResults = [];
        foreach ($weighed->problem->groups as $group) {
            foreach ($group->results as $result) {
                $weighedResults[$result->finding->id] = $result;
            }
        }
        $found = [];
        foreach ($results->signs->alike() as $alike) {
            $done = array_values(array_filter(
                $alike,
                static fn (string $sign): bool => $results->counted($sign) !== null && isset($weighedResults[$sign]),
            ));
            foreach ($done as $positive) {
                foreach ($done as $negative) {
                    $condition = $results->signs->ownTestOf($positive);
                    if ($condition !== null && $results->counted($positive) === Outcome::Positive
                        && $results->counted($negative) === Outcome::Negative
                        && self::eachAloneEndsElsewhere(
                            $weighedResults[$positive],
                            $weighedResults[$negative],
                            $condition,
                            $weighed,
                        )) {
                        $found[$condition->value] = true;
                    }
                }
            }
        }

        return array_keys($found);
    }

    private static function eachAloneEndsElsewhere(
        Result $positive,
        Result $negative,
        Condition $condition,
        Weighed $weighed,
    ): bool {
        $k = $condition->position();
        $thresholds = $weighed->problem->conditions[$k]->thresholds;
        $now = $weighed->conditions[$k];
        $without = static function (Result $result) use ($k, $now): float {
            $ratio = $result->finding->rowFor($k)?->ratio($result->outcome) ?? 1.0;

            return Logit::chance(Logit::of($now->posttest) - \log($ratio));
        };

        return $thresholds->zone($without($negative)) !== $thresholds->zone($without($positive));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

/**
 * The way of one condition from its base rate to its chance, result by result.
 *
 * @internal
 */
final class Rail
{
    /**
     * @param  list<string>  $order  finding ids in the order done; those it does not name come last
     * @return list<Step>
     */
    public static function of(Weighed $weighed, int $condition, array $order): array
    {
        $places = array_flip($order);
        $results = [];
        foreach ($weighed->problem->groups as $group) {
            foreach ($group->results as $result) {
                $results[] = [$places[$result->finding->id] ?? \count($order), $result, $group];
            }
        }
        usort($results, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $trail = new Trail($weighed->before);
        foreach ($results as [, $result, $group]) {
            $trail->take($result, $group);
        }

        return array_values(array_filter(
            $trail->steps(),
            static fn (Step $step): bool => $step->condition === $condition,
        ));
    }
}

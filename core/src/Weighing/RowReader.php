<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

use GrayCompass\Core\Document\Fields;
use stdClass;

/** Reads the `targets` of a result or candidate: one row of figures for each condition. */
final class RowReader
{
    private const STAND_IN = 0.5;

    /**
     * @param  array<string, int>  $conditions  id to position
     * @return list<Row>
     */
    public static function rows(Fields $entry, array $conditions): array
    {
        if (! $entry->has('targets')) {
            return [];
        }
        $targets = $entry->raw('targets');
        if (! $targets instanceof stdClass) {
            $entry->fault('targets', 'expected an object');

            return [];
        }
        $sound = self::soundRows($targets, $conditions);
        if ($sound !== []) {
            return $sound;
        }
        $named = array_map(strval(...), array_keys(get_object_vars($targets)));
        if ($named === []) {
            $entry->fault('targets', 'expected at least one condition');
        }
        $rows = [];
        $fields = $entry->inner('targets', [], $named);
        foreach ($named as $id) {
            $figures = $fields->inner($id, ['sensitivity', 'specificity'], ['sensitivityInterval', 'specificityInterval', 'spread']);
            if (! isset($conditions[$id])) {
                $fields->fault($id, "unknown condition {$id}");

                continue;
            }
            $spread = $figures->has('spread') ? self::spread($figures) : 0.0;
            $rows[] = new Row($conditions[$id], self::rate($figures, 'sensitivity', $spread), self::rate($figures, 'specificity', $spread), $spread);
        }

        return $rows;
    }

    /**
     * Rows that are sound in every figure need no second look; where one is not, all are read key by key,
     * so that each wrong place is named.
     *
     * @param  array<string, int>  $conditions
     * @return list<Row> empty when anything is wrong, or nothing is there
     */
    private static function soundRows(stdClass $targets, array $conditions): array
    {
        $rows = [];
        foreach (get_object_vars($targets) as $id => $figures) {
            $row = isset($conditions[$id]) && $figures instanceof stdClass ? self::soundRow(get_object_vars($figures), $conditions[$id]) : null;
            if ($row === null) {
                return [];
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $figures
     */
    private static function soundRow(array $figures, int $condition): ?Row
    {
        $sensitivity = $figures['sensitivity'] ?? null;
        $specificity = $figures['specificity'] ?? null;
        $around = $figures['sensitivityInterval'] ?? null;
        $about = $figures['specificityInterval'] ?? null;
        $spread = $figures['spread'] ?? null;
        $known = 2 + (int) ($around !== null) + (int) ($about !== null) + (int) ($spread !== null);
        $sound = count($figures) === $known && self::isShare($sensitivity) && self::isShare($specificity)
            && ($around === null || self::isAround($around, $sensitivity)) && ($about === null || self::isAround($about, $specificity))
            && ($spread === null || ((is_float($spread) || is_int($spread)) && $spread >= 0 && $spread <= 2));
        if (! $sound) {
            return null;
        }
        $between = (float) ($spread ?? 0.0);

        return new Row($condition, new Rate((float) $sensitivity, $around, $between), new Rate((float) $specificity, $about, $between), $between);
    }

    /** @phpstan-assert-if-true float $share */
    private static function isShare(mixed $share): bool
    {
        return (is_float($share) || is_int($share)) && $share > 0 && $share < 1;
    }

    /** @phpstan-assert-if-true array{float, float} $ends */
    private static function isAround(mixed $ends, float $rate): bool
    {
        return is_array($ends) && count($ends) === 2 && isset($ends[0], $ends[1]) && self::isShare($ends[0]) && self::isShare($ends[1])
            && $ends[0] <= $rate && $rate <= $ends[1] && $ends[0] < $ends[1];
    }

    private static function spread(Fields $figures): float
    {
        $spread = $figures->number('spread');
        if ($spread < 0 || $spread > 2) {
            $figures->fault('spread', 'expected 0 to 2');
        }

        return $spread;
    }

    private static function rate(Fields $figures, string $key, float $spread): Rate
    {
        $sound = is_numeric($figures->raw($key)) && is_finite((float) $figures->raw($key));
        $rate = $figures->number($key);
        if ($sound && ($rate <= 0 || $rate >= 1)) {
            $figures->fault($key, 'expected a share between 0 and 1, neither included');
            $sound = false;
        }

        return new Rate($sound ? $rate : self::STAND_IN, self::interval($figures, $key, $rate, $sound), $spread);
    }

    /**
     * @return array{float, float}|null
     */
    private static function interval(Fields $figures, string $rateKey, float $rate, bool $sound): ?array
    {
        $key = "{$rateKey}Interval";
        if (! $figures->has($key)) {
            return null;
        }
        $ends = $figures->items($key, 2);
        if (! is_array($figures->raw($key))) {
            return null;
        }
        if (count($ends) !== 2) {
            $figures->fault($key, 'expected two ends');

            return null;
        }
        $sides = [];
        foreach ($ends as $index => $end) {
            if ((! is_int($end) && ! is_float($end)) || $end <= 0 || $end >= 1) {
                $figures->fault("{$key}[{$index}]", 'expected a share between 0 and 1, neither included');

                return null;
            }
            $sides[] = (float) $end;
        }
        [$low, $high] = $sides;
        if ($sound && ($low > $rate || $rate > $high || $low >= $high)) {
            $figures->fault($key, "expected an interval around the {$rateKey}");
        }

        return [$low, $high];
    }
}

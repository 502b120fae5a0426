<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Document\Fields;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Row;
use stdClass;

/**
 * Reads the `targets` of a result or candidate: one row of figures for each condition.
 *
 * @internal
 */
final class RowReader
{
    /** Standard deviation between clinics, logit scale. */
    public const MOST_SPREAD = 2;

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
        $named = array_map(strval(...), array_keys(get_object_vars($targets)));
        if ($named === []) {
            $entry->fault('targets', 'expected at least one condition');
        }
        $rows = [];
        $fields = $entry->inner('targets', [], $named);
        foreach ($named as $id) {
            $figures = $fields->inner(
                $id,
                ['sensitivity', 'specificity'],
                ['sensitivityInterval', 'specificityInterval', 'spread'],
            );
            if (! isset($conditions[$id])) {
                $fields->fault($id, "unknown condition {$id}");

                continue;
            }
            $spread = $figures->has('spread') ? self::spread($figures) : 0.0;
            $rows[] = new Row(
                $conditions[$id],
                self::rate($figures, 'sensitivity', $spread),
                self::rate($figures, 'specificity', $spread),
                $spread,
            );
        }

        return $rows;
    }

    private static function spread(Fields $figures): float
    {
        $spread = $figures->number('spread');
        if ($spread < 0 || $spread > self::MOST_SPREAD) {
            $figures->fault('spread', 'expected 0 to '.self::MOST_SPREAD);
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
        if (! \is_array($figures->raw($key))) {
            return null;
        }
        if (\count($ends) !== 2) {
            $figures->fault($key, 'expected two ends');

            return null;
        }
        $sides = [];
        foreach ($ends as $index => $end) {
            if ((! \is_int($end) && ! \is_float($end)) || $end <= 0 || $end >= 1) {
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

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Document\Fields;
use GrayCompass\Inference\Model\Association;

/**
 * Reads the pairs of conditions that travel together.
 *
 * @internal
 */
final class AssociationReader
{
    /** Beyond this two conditions are one, and the arithmetic loses them. */
    public const MOST_ODDS = 10_000;

    /** How many pairs this many conditions make. */
    public static function most(int $conditions): int
    {
        return intdiv($conditions * ($conditions - 1), 2);
    }

    /**
     * @param  array<string, int>  $conditions  id to position
     * @param  int  $most  conditions that one problem may hold
     * @return list<Association>
     */
    public static function read(Fields $fields, array $conditions, int $most): array
    {
        $associations = [];
        /** @var array<string, true> $pairs */
        $pairs = [];
        foreach ($fields->items('associations', self::most($most)) as $index => $item) {
            $entry = $fields->item('associations', $index, $item, ['between', 'oddsRatio']);
            $ratio = $entry->number('oddsRatio');
            if (
                $entry->has('oddsRatio')
                && is_numeric($entry->raw('oddsRatio'))
                && ($ratio < 1 / self::MOST_ODDS || $ratio > self::MOST_ODDS)
            ) {
                $entry->fault('oddsRatio', 'expected a ratio from 1/'.self::MOST_ODDS.' to '.self::MOST_ODDS);
            }
            $between = $entry->items('between', 2);
            if ($entry->has('between') && \is_array($entry->raw('between')) && \count($between) !== 2) {
                $entry->fault('between', 'expected two conditions');

                continue;
            }
            $ends = [];
            foreach ($between as $end => $id) {
                $ends[] = self::position($entry, "between[{$end}]", $id, $conditions);
            }
            if (\count($ends) !== 2 || $ends[0] === null || $ends[1] === null) {
                continue;
            }
            sort($ends);
            if ($ends[0] === $ends[1]) {
                $entry->fault('between', 'a condition cannot go with itself');
            } elseif (isset($pairs["{$ends[0]} {$ends[1]}"])) {
                $entry->fault('between', 'this pair stands twice');
            }
            $pairs["{$ends[0]} {$ends[1]}"] = true;
            $associations[] = new Association($ends[0], $ends[1], $ratio);
        }

        return $associations;
    }

    /**
     * @param  array<string, int>  $conditions
     */
    private static function position(Fields $fields, string $key, mixed $id, array $conditions): ?int
    {
        if (! \is_string($id) || ! isset($conditions[$id])) {
            $fields->fault($key, \is_string($id) ? "unknown condition {$id}" : 'expected a condition');

            return null;
        }

        return $conditions[$id];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Findings\Cell;
use GrayCompass\Document\Fields;

/**
 * Reads the cells of a rotated bend: each way of rotating and stressing at most once.
 *
 * @internal
 */
final class CellReader
{
    public const NAMED_BY = ['rotation', 'stress'];

    /** Three rotations times two stresses. */
    public const MOST = 6;

    /**
     * @return list<Cell>
     */
    public static function read(Fields $finding, Field $field): array
    {
        $inner = [];
        foreach ($field->inner as $part) {
            $inner[$part->name] = $part;
        }
        $optional = array_values(array_diff(array_map(strval(...), array_keys($inner)), self::NAMED_BY));
        $cells = [];
        $items = $finding->items($field->name, self::MOST);
        if ($items === [] && $finding->raw($field->name) === []) {
            $finding->fault($field->name, 'expected at least one cell');
        }
        foreach ($items as $index => $item) {
            $fields = $finding->item($field->name, $index, $item, self::NAMED_BY, $optional);
            $word = static fn (string $key): ?string => $fields->given($key) ? $fields->word($key, $inner[$key]->words) : null;
            $cell = new Cell(
                $word('rotation') ?? '',
                $word('stress') ?? '',
                $fields->given('click') && $fields->boolean('click'),
                $word('clickSite'),
                $fields->given('pain') ? $fields->within('pain', (float) $inner['pain']->least, (float) $inner['pain']->most) : null,
                $word('painSite'),
                $fields->answer('familiar'),
                $fields->given('hurtsAtDeg') ? $fields->within('hurtsAtDeg', (float) $inner['hurtsAtDeg']->least, (float) $inner['hurtsAtDeg']->most, '°') : null,
            );
            foreach ($cells as $earlier) {
                if ($earlier->isSameHoldAs($cell) && $fields->has('rotation') && $fields->has('stress')) {
                    $finding->itemFault($field->name, $index, 'this rotation and stress stand twice');
                }
            }
            $cells[] = $cell;
        }

        return $cells;
    }
}

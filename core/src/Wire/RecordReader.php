<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Examination\FigureSource;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Given;
use GrayCompass\Document\Path;

/**
 * Reads the list of records, each by the fields that the catalogue gives its manoeuvre.
 *
 * @internal
 */
final class RecordReader
{
    /**
     * Notes what no shape of a single record can see.
     *
     * @param  string  $hurt  the hurt side
     * @param  string  $path  of the list
     */
    public static function refuse(Given $document, Faults $faults, string $hurt, string $path = 'findings'): void
    {
        $met = [];
        foreach ($document->items('findings') as $position => $record) {
            $place = Path::index($path, $position);
            [$manoeuvre, $side] = [$record->text('manoeuvre'), $record->text('side')];
            if (isset($met["{$manoeuvre} {$side}"]) && $side !== '') {
                $faults->add(FaultKind::Value, $place, "{$manoeuvre} of this side stands twice");
            }
            $met["{$manoeuvre} {$side}"] = true;
            if ($record->has('differenceBand') && $side !== $hurt) {
                $faults->add(
                    FaultKind::Value,
                    Path::key($place, 'differenceBand'),
                    'a band is given on the hurt knee only',
                );
            }
            if ($record->has('cells')) {
                self::refuseCells($record, Path::key($place, 'cells'), $faults);
            }
        }
    }

    /**
     * @return list<Record>
     */
    public static function read(Given $document, Catalogue $catalogue): array
    {
        $records = [];
        foreach ($document->items('findings') as $position => $given) {
            $manoeuvre = $catalogue->get($given->text('manoeuvre'));
            [$measures, $cells] = self::measures($given, $manoeuvre);
            $records[] = new Record(
                $position,
                $manoeuvre,
                Side::from($given->text('side')),
                $measures,
                $cells,
                $given->inner('checks')->answers($manoeuvre->checks),
                $given->answer('normal') === true,
                NotDone::tryFrom($given->text('notDone')),
                $given->word('override'),
                $given->answer('fromMemory') === true,
                $given->text('note'),
                self::by($given->inner('by')),
            );
        }

        return $records;
    }

    /**
     * @return array{array<string, bool|float|string|list<string>>, list<Cell>}
     */
    private static function measures(Given $given, Manoeuvre $manoeuvre): array
    {
        $measures = $cells = [];
        foreach ($manoeuvre->fields as $field) {
            if (! $given->has($field->name)) {
                continue;
            }
            if ($field->kind === FieldKind::Cells) {
                $cells = array_map(self::cell(...), $given->items($field->name));
            } else {
                $measures[$field->name] = self::measure($given, $field);
            }
        }

        return [$measures, $cells];
    }

    /**
     * @return array<string, FigureSource>
     */
    private static function by(Given $by): array
    {
        $sources = [];
        foreach ($by->names() as $field) {
            $sources[$field] = FigureSourceShape::read($by->inner($field));
        }

        return $sources;
    }

    /**
     * @return bool|float|string|list<string>
     */
    private static function measure(Given $given, Field $field): bool|float|string|array
    {
        return match ($field->kind) {
            FieldKind::Flag, FieldKind::Cells => $given->answer($field->name) === true,
            FieldKind::Number => (float) $given->number($field->name),
            FieldKind::Word => $given->text($field->name),
            FieldKind::Words => $given->words($field->name),
        };
    }

    private static function cell(Given $cell): Cell
    {
        return new Cell(
            $cell->text('rotation'),
            $cell->text('stress'),
            $cell->answer('click') === true,
            $cell->word('clickSite'),
            $cell->number('pain'),
            $cell->word('painSite'),
            $cell->answer('familiar'),
            $cell->number('hurtsAtDeg'),
            $cell->text('cellEnd') === 'block',
            $cell->text('cellEnd') === 'gives_way',
            $cell->answer('axial') === true,
        );
    }

    /** Each way of rotating and stressing stands at most once. */
    private static function refuseCells(Given $record, string $path, Faults $faults): void
    {
        $met = [];
        foreach ($record->items('cells') as $index => $cell) {
            $hold = "{$cell->text('rotation')} {$cell->text('stress')}";
            if (isset($met[$hold]) && $cell->has('rotation') && $cell->has('stress')) {
                $faults->add(FaultKind::Value, Path::index($path, $index), 'this rotation and stress stand twice');
            }
            $met[$hold] = true;
        }
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Document\Shape\Exactly;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Items;
use GrayCompass\Document\Shape\Later;
use GrayCompass\Document\Shape\NotTogether;
use GrayCompass\Document\Shape\Number;
use GrayCompass\Document\Shape\OneWay;
use GrayCompass\Document\Shape\SaysOf;
use GrayCompass\Document\Shape\Shape;
use GrayCompass\Document\Shape\Tagged;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\Words;
use GrayCompass\Document\Shape\YesNo;

/**
 * What may be recorded with each manoeuvre, from its fields in the catalogue.
 *
 * @internal
 */
final class RecordShape
{
    private const BAND = 'differenceBand';

    /** How figures were measured, by field. */
    private const BY = 'by';

    /** Of what can be measured; grades and pain are judged. */
    private const UNITS_OF_INSTRUMENTS = ['mm', 'cm', '°', 'N'];

    private const MILLIMETRES = ['translationMm', 'openingMm'];

    /** Three rotations times two stresses. */
    private const MOST_CELLS = 6;

    private const CELL_NAMED_BY = ['rotation', 'stress'];

    /** A record of a document, by its manoeuvre. */
    public static function of(Catalogue $catalogue): Tagged
    {
        $shapes = [];
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            $shapes[$manoeuvre->id] = new Later(static fn (): Shape => self::shape($manoeuvre, [
                'manoeuvre' => new Exactly($manoeuvre->id),
                'side' => new Word($manoeuvre->bothAtOnce ? ['both'] : ['left', 'right']),
            ]));
        }

        return new Tagged('manoeuvre', $shapes, ['manoeuvre', 'side'], static fn (mixed $id): string => \is_string($id)
            ? "there is no manoeuvre {$id}" : 'expected the name of a manoeuvre');
    }

    /** What is saved of one manoeuvre: its address says which one, and which side. */
    public static function payload(Manoeuvre $manoeuvre): Fields
    {
        return self::shape($manoeuvre, []);
    }

    /**
     * @param  array<string, Shape>  $named
     */
    private static function shape(Manoeuvre $manoeuvre, array $named): Fields
    {
        $measures = [];
        $figures = [];
        foreach ($manoeuvre->fields as $field) {
            $measures[$field->name] = self::field($field);
            if (\in_array($field->unit, self::UNITS_OF_INSTRUMENTS, true)) {
                $figures[] = $field->name;
            }
        }
        $rules = [new OneWay(
            array_keys($measures),
            'normal',
            'notDone',
            'expected a measure, normal or notDone',
            'expected only one of: measures, normal, notDone',
        )];
        $millimetres = array_values(array_intersect(self::MILLIMETRES, array_keys($measures)));
        if (isset($measures[self::BAND]) && $millimetres !== []) {
            $rules[] = new NotTogether(self::BAND, $millimetres, 'expected either millimetres or a band');
        }

        if ($figures !== []) {
            $rules[] = new SaysOf(self::BY, $figures, 'expected the name of a figure that this record gives');
        }

        return new Fields($named, [
            ...$measures,
            'checks' => ExaminationShape::answers($manoeuvre->checks),
            'normal' => new YesNo,
            'notDone' => Word::of(NotDone::class),
            'override' => new Text(3, 200),
            'fromMemory' => new YesNo,
            'note' => new Text(0, 2000),
            ...($figures === [] ? [] : [self::BY => FigureSourceShape::byField()]),
        ], $rules);
    }

    private static function field(Field $field): Shape
    {
        return match ($field->kind) {
            FieldKind::Flag => new YesNo,
            FieldKind::Number => Number::within((float) $field->least, (float) $field->most, $field->unit),
            FieldKind::Word => new Word($field->words === [] ? [''] : $field->words),
            FieldKind::Words => new Words($field->words),
            FieldKind::Cells => new Items(self::cell($field), self::MOST_CELLS, 'expected at least one cell'),
        };
    }

    private static function cell(Field $field): Fields
    {
        $parts = [];
        foreach ($field->inner as $inner) {
            $parts[$inner->name] = self::field($inner);
        }
        $names = array_flip(self::CELL_NAMED_BY);

        return new Fields(array_intersect_key($parts, $names), array_diff_key($parts, $names));
    }
}

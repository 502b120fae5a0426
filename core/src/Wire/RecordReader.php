<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Findings\NotDone;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Fields;
use stdClass;

/**
 * Reads the list of findings, each by the fields that the catalogue gives its manoeuvre.
 *
 * @internal
 */
final class RecordReader
{
    private const ALWAYS = ['checks', 'note', 'override', 'fromMemory', 'normal', 'notDone'];

    /**
     * @return list<Record>
     */
    public static function readAll(Fields $document, int $most, Catalogue $catalogue): array
    {
        $records = $met = [];
        foreach ($document->items('findings', $most) as $position => $item) {
            $id = $item instanceof stdClass ? ($item->manoeuvre ?? null) : null;
            $manoeuvre = \is_string($id) && $catalogue->has($id) ? $catalogue->get($id) : null;
            $fields = $document->item('findings', $position, $item, ['manoeuvre', 'side'], [...self::ALWAYS, ...self::measures($manoeuvre, $item)]);
            if ($manoeuvre === null) {
                if ($fields->has('manoeuvre')) {
                    $fields->fault('manoeuvre', \is_string($id) ? "there is no manoeuvre {$id}" : 'expected the name of a manoeuvre');
                }

                continue;
            }
            $record = self::record($fields, $position, $manoeuvre);
            $key = "{$manoeuvre->id} {$record->side->value}";
            if (isset($met[$key])) {
                $document->itemFault('findings', $position, "{$manoeuvre->id} of this side stands twice");
            }
            $met[$key] = true;
            $records[] = $record;
        }

        return $records;
    }

    /**
     * A band says how the hurt knee compares, so it has no meaning on the other one.
     *
     * @param  list<Record>  $records
     */
    public static function refuseBandOnOther(Fields $document, array $records, Side $hurtSide): void
    {
        foreach ($records as $record) {
            if ($record->band() !== null && $record->side !== $hurtSide) {
                $document->itemFault('findings', $record->position, 'a band is given on the hurt knee only', 'differenceBand');
            }
        }
    }

    /**
     * @return list<string>
     */
    private static function measures(?Manoeuvre $manoeuvre, mixed $item): array
    {
        if ($manoeuvre !== null) {
            return array_map(static fn (Field $field): string => $field->name, $manoeuvre->fields);
        }

        return $item instanceof stdClass ? array_map(strval(...), array_keys(get_object_vars($item))) : [];
    }

    private static function record(Fields $fields, int $position, Manoeuvre $manoeuvre): Record
    {
        $side = Side::from($fields->word('side', $manoeuvre->bothAtOnce
            ? [Side::Both->value]
            : [Side::Left->value, Side::Right->value]));
        $measures = $cells = [];
        foreach ($manoeuvre->fields as $field) {
            if (! $fields->given($field->name)) {
                continue;
            }
            if ($field->kind === FieldKind::Cells) {
                $cells = CellReader::read($fields, $field);
            } else {
                $measures[$field->name] = self::measure($fields, $field);
            }
        }
        $normal = $fields->given('normal') && $fields->boolean('normal');
        $notDone = $fields->given('notDone')
            ? NotDone::from($fields->word('notDone', array_column(NotDone::cases(), 'value')))
            : null;
        self::refuseMuddle($fields, $manoeuvre, $normal, $notDone);

        return new Record(
            $position,
            $manoeuvre,
            $side,
            $measures,
            $cells,
            self::checks($fields, $manoeuvre),
            $normal,
            $notDone,
            $fields->given('override') ? $fields->text('override', 3, 200) : null,
            $fields->given('fromMemory') && $fields->boolean('fromMemory'),
            $fields->given('note') ? $fields->text('note', 0, 2000) : '',
        );
    }

    private static function refuseMuddle(Fields $fields, Manoeuvre $manoeuvre, bool $normal, ?NotDone $notDone): void
    {
        $measured = array_filter($manoeuvre->fields, static fn (Field $field): bool => $fields->given($field->name));
        $ways = ($measured === [] ? 0 : 1) + ($normal ? 1 : 0) + ($notDone === null ? 0 : 1);
        if ($ways === 0) {
            $fields->ownFault('expected a measure, normal or notDone');
        } elseif ($ways > 1) {
            $fields->ownFault('expected only one of: measures, normal, notDone');
        }
        if ($fields->given('differenceBand') && ($fields->given('translationMm') || $fields->given('openingMm'))) {
            $fields->fault('differenceBand', 'expected either millimetres or a band');
        }
    }

    /**
     * @return bool|float|string|list<string>
     */
    private static function measure(Fields $fields, Field $field): bool|float|string|array
    {
        return match ($field->kind) {
            FieldKind::Flag, FieldKind::Cells => $fields->boolean($field->name),
            FieldKind::Number => $fields->within($field->name, (float) $field->least, (float) $field->most, $field->unit),
            FieldKind::Word => $fields->word($field->name, $field->words),
            FieldKind::Words => $fields->wordList($field->name, $field->words),
        };
    }

    /**
     * @return array<string, bool>
     */
    private static function checks(Fields $fields, Manoeuvre $manoeuvre): array
    {
        if (! $fields->given('checks')) {
            return [];
        }
        $checks = $fields->optional('checks', $manoeuvre->checks);
        $answers = [];
        foreach ($manoeuvre->checks as $check) {
            $answers[$check] = $checks->answer($check);
        }

        return array_filter($answers, is_bool(...));
    }
}

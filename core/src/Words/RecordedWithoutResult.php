<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What was recorded of the hurt knee that gives no result: looks, ranges, strength, pain, notes. Nothing is asked for
 * nothing.
 *
 * @internal
 */
final readonly class RecordedWithoutResult
{
    /** Said of a manoeuvre that gives a result, beside that result. */
    private const BESIDE = [
        'variant', 'position', 'rotationWorst', 'feltAtDeg', 'support', 'slackTaken', 'stepOffMm', 'inwardMm',
        'outwardMm', 'backwardMm', 'sagSeen', 'cordFelt', 'inward', 'painSite',
    ];

    public function __construct(private Bearings $bearings)
    {
    }

    /** @return list<string> what was found normal without a figure, by name */
    public function normal(): array
    {
        $names = [];
        foreach ($this->records() as $record) {
            if ($record->normal && $record->manoeuvre->feeds === [] && $record->note === '') {
                $names[] = $record->manoeuvre->card->name;
            }
        }

        return $names;
    }

    public function text(): string
    {
        $texts = [];
        foreach ($this->records() as $record) {
            $parts = [...$this->fields($record), ...($record->note === '' ? [] : ["“{$record->note}”"])];
            if ($parts !== []) {
                $texts[] = "{$record->manoeuvre->card->name} (".implode('; ', $parts).')';
            }
        }

        return implode(', ', $texts);
    }

    /**
     * @return list<Record>
     */
    private function records(): array
    {
        $hurt = $this->bearings->examination->hurtSide;

        return array_values(array_filter(
            $this->bearings->examination->records,
            static fn (Record $record): bool => $record->side !== $hurt->opposite()
                && ! $record->manoeuvre->has(ManoeuvreTrait::Neurovascular),
        ));
    }

    /**
     * @return list<string>
     */
    private function fields(Record $record): array
    {
        if ($record->normal) {
            return $record->manoeuvre->feeds === [] && $record->note !== '' ? ['normal'] : [];
        }
        if ($record->notDone !== null) {
            return [];
        }
        $other = $record->side === Side::Both ? null : $this->bearings->examination->other($record->manoeuvre->id);

        $fields = $record->manoeuvre->feeds === [] ? $record->manoeuvre->fields
            : array_filter(
                $record->manoeuvre->fields,
                static fn (Field $field): bool => \in_array($field->name, self::BESIDE, true),
            );

        return array_values(array_filter(array_map(
            fn (Field $field): string => $this->field($field, $record, $other),
            $fields,
        )));
    }

    private function field(Field $field, Record $record, ?Record $other): string
    {
        $name = lcfirst($field->label);
        $unit = \in_array($field->unit, ['', '°'], true) || str_starts_with($field->unit, '/')
            ? $field->unit
            : " {$field->unit}";
        $words = static fn (?string $word): string => str_replace('_', ' ', (string) $word);

        return match ($field->kind) {
            FieldKind::Flag => match ($record->flag($field->name)) {
                true => $name,
                false => "{$name}: no",
                null => '',
            },
            FieldKind::Word => $record->word($field->name) === null
                ? ''
                : "{$name}: {$words($record->word($field->name))}",
            FieldKind::Words => $record->words($field->name) === null
                ? ''
                : "{$name}: ".($record->words($field->name) === [] ? 'nowhere' : $words(implode(
                    ', ',
                    $record->words($field->name),
                ))),
            FieldKind::Number => $record->number($field->name) === null
                ? ''
                : "{$name}: {$record->number($field->name)}{$unit}"
                .($other?->number($field->name) === null ? '' : " (other {$other->number($field->name)})"),
            FieldKind::Cells => '',
        };
    }
}

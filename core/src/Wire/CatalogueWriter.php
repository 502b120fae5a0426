<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Station;

/** The catalogue as the document that the screens are drawn from. */
final class CatalogueWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function write(Catalogue $catalogue): array
    {
        return [
            'stations' => array_map(static fn (Station $station): array => ['id' => $station->value, 'label' => $station->label()], Station::cases()),
            'conditions' => array_map(static fn (Condition $condition): array => ['id' => $condition->value, 'label' => $condition->label()], Condition::cases()),
            'manoeuvres' => array_map(self::manoeuvre(...), $catalogue->manoeuvres),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function manoeuvre(Manoeuvre $manoeuvre): array
    {
        return [
            'id' => $manoeuvre->id,
            'station' => $manoeuvre->station->value,
            'family' => $manoeuvre->family->value,
            'minutes' => $manoeuvre->minutes,
            'provocation' => $manoeuvre->provocation,
            'bothAtOnce' => $manoeuvre->bothAtOnce,
            'fields' => array_map(self::field(...), $manoeuvre->fields),
            'checks' => $manoeuvre->checks,
            'tick' => $manoeuvre->names(ManoeuvreTrait::TickThatMatters)[0] ?? null,
            'feeds' => $manoeuvre->feeds,
            'card' => get_object_vars($manoeuvre->card),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function field(Field $field): array
    {
        return [
            'name' => $field->name,
            'kind' => $field->kind->value,
            'least' => $field->least,
            'most' => $field->most,
            'unit' => $field->unit(),
            'words' => $field->words,
            'hint' => $field->hint,
            'inner' => array_map(self::field(...), $field->inner),
        ];
    }
}

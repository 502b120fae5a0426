<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * Reads the shipped files of data/catalogue, one for each station, with the fields that they name in
 * data/fields.json. What a file says of a field goes before what is common to all of that name.
 * Both are held to data/catalogue.schema.json by a test.
 *
 * @internal
 *
 * @phpstan-type FieldData array{
 *     label: string, kind: string, widget: string, from?: int|float|null, to?: int|float|null,
 *     unit?: string|null, words?: list<string>|null, cells?: list<string|array<string, mixed>>, rank?: string|null,
 *     when?: array{field: string, above: int|float}|null, hint?: string|null,
 *     instrument?: string
 * }
 * @phpstan-type JudgedByData array{
 *     kind: string, field?: string, positive?: array{is?: bool|string, isNot?: string, over?: int|float},
 *     compared?: bool
 * }
 * @phpstan-type ManoeuvreData array{
 *     name: string, family: string, minutes: int|float, provocation: int<1, 5>, bothAtOnce?: bool,
 *     fields: list<string|array<string, mixed>>, checks?: list<string>, feeds?: list<string>,
 *     judgedBy?: JudgedByData,
 *     traits?: array<string, bool|int|string|list<string>>, card: array<string, string>
 * }
 */
final readonly class CatalogueReader
{
    /**
     * @param  array<string, FieldData>  $fields  by name
     */
    public function __construct(private array $fields)
    {
    }

    /**
     * @param  array<string, array<string, ManoeuvreData>>  $stations  by station, then by manoeuvre
     */
    public function read(array $stations): Catalogue
    {
        $manoeuvres = [];
        foreach (Station::cases() as $station) {
            foreach ($stations[$station->value] ?? [] as $id => $data) {
                $manoeuvres[] = $this->manoeuvre($id, $station, $data);
            }
        }

        return new Catalogue($manoeuvres);
    }

    /**
     * @param  ManoeuvreData  $data
     */
    private function manoeuvre(string $id, Station $station, array $data): Manoeuvre
    {
        return new Manoeuvre(
            $id,
            $station,
            Family::from($data['family']),
            (float) $data['minutes'],
            $data['provocation'],
            array_map($this->field(...), $data['fields']),
            $data['checks'] ?? [],
            $data['feeds'] ?? [],
            $data['bothAtOnce'] ?? false,
            new Card($data['name'], ...$data['card']),
            isset($data['judgedBy']) ? self::judgedBy($data['judgedBy']) : null,
            self::traits($data['traits'] ?? []),
        );
    }

    /**
     * @param  string|array<string, mixed>  $entry
     */
    private function field(string|array $entry): Field
    {
        $own = \is_string($entry) ? ['name' => $entry] : $entry;
        $name = \is_string($own['name'] ?? null) ? $own['name'] : '';
        /** @var FieldData $data */
        $data = [...$this->fields[$name] ?? [], ...$own];

        return new Field(
            $name,
            $data['label'],
            FieldKind::from($data['kind']),
            FieldWidget::from($data['widget']),
            isset($data['from']) ? (float) $data['from'] : null,
            isset($data['to']) ? (float) $data['to'] : null,
            $data['unit'] ?? '',
            $data['words'] ?? [],
            array_map($this->field(...), $data['cells'] ?? []),
            ($data['rank'] ?? null) === 'seldom',
            isset($data['when']) ? new FieldCondition($data['when']['field'], (float) $data['when']['above']) : null,
            $data['hint'] ?? '',
            isset($data['instrument']) ? Instrument::from($data['instrument']) : null,
        );
    }

    /**
     * @param  JudgedByData  $data
     */
    private static function judgedBy(array $data): JudgedBy
    {
        $positive = $data['positive'] ?? [];

        return new JudgedBy(
            JudgeKind::from($data['kind']),
            $data['field'] ?? '',
            $positive['is'] ?? null,
            $positive['isNot'] ?? null,
            isset($positive['over']) ? (float) $positive['over'] : null,
            $data['compared'] ?? false,
        );
    }

    /**
     * @param  array<string, bool|int|string|list<string>>  $traits
     * @return array<string, list<string>> by trait; empty where the trait alone says it
     */
    private static function traits(array $traits): array
    {
        $read = [];
        foreach ($traits as $name => $value) {
            $read[ManoeuvreTrait::from($name)->value] = match (true) {
                \is_array($value) => $value,
                \is_bool($value) => [],
                default => [(string) $value],
            };
        }

        return $read;
    }
}

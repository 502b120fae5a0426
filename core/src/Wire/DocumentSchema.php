<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use BackedEnum;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Findings\CollateralSchool;
use GrayCompass\Core\Findings\EffusionSchool;
use GrayCompass\Core\Findings\Episode;
use GrayCompass\Core\Findings\EvidenceChoice;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\FluidDrawn;
use GrayCompass\Core\Findings\LaxitySchool;
use GrayCompass\Core\Findings\McMurraySchool;
use GrayCompass\Core\Findings\Mechanism;
use GrayCompass\Core\Findings\NotDone;
use GrayCompass\Core\Findings\Opening;
use GrayCompass\Core\Findings\Operation;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Findings\SwellingOnset;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;

/**
 * The JSON Schema of the examination document, from the catalogue and the enums that the readers use.
 * What a schema cannot say (a finding twice, a band on the other knee, the safety gate) the reader refuses.
 */
final class DocumentSchema
{
    /**
     * @return array<string, mixed>
     */
    public static function of(Catalogue $catalogue): array
    {
        $text = ['type' => 'string', 'maxLength' => 200];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Examination document of Gray Compass',
            ...self::object([
                'format' => ['const' => ExaminationReader::FORMAT],
                'version' => ['const' => ExaminationReader::VERSION],
                'id' => self::orNull($text), 'athlete' => self::orNull($text), 'examiner' => self::orNull($text),
                'examinedAt' => self::orNull($text), 'signedAt' => self::orNull($text),
                'setting' => self::choice(Setting::cases()),
                'settingChosen' => self::orNull(['type' => 'string', 'minLength' => 3, 'maxLength' => 200]),
                'route' => self::orNull(self::choice(Route::cases())),
                'timeLimitMin' => ['type' => ['number', 'null'], 'minimum' => 1, 'maximum' => 120],
                'hurtSide' => ['enum' => ['left', 'right']],
                'daysSinceInjury' => ['type' => ['integer', 'null'], 'minimum' => 0],
                'hoursSinceInjury' => ['type' => ['number', 'null'], 'minimum' => 0],
                'ageYears' => ['type' => ['integer', 'null'], 'minimum' => 0, 'maximum' => 120],
                'otherKneeReliable' => ['type' => ['boolean', 'null']],
                'firstImpression' => self::orNull(self::choice(Condition::cases())),
                'opening' => self::object(self::flags(Opening::KEYS)),
                'episode' => self::episode(),
                'schools' => self::object([
                    'laxity' => self::choice(LaxitySchool::cases()),
                    'collateral' => self::choice(CollateralSchool::cases()),
                    'effusion' => self::choice(EffusionSchool::cases()),
                    'mcmurraySide' => self::choice(McMurraySchool::cases()),
                    'evidence' => self::choice(EvidenceChoice::cases()),
                ]),
                'history' => self::history(),
                'safety' => self::object(self::flags(array_column(SafetyKey::cases(), 'value'))),
                'earlierFinding' => ['type' => ['array', 'null'], 'items' => self::object([
                    'what' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 2000], 'by' => self::orNull($text), 'on' => self::orNull($text),
                ], ['what'])],
                'pulseChecks' => ['type' => ['array', 'null'], 'items' => self::object([
                    'at' => ['type' => 'string', 'maxLength' => 40], 'felt' => ['type' => 'boolean'], 'by' => self::orNull($text),
                ], ['at', 'felt'])],
                'findings' => ['type' => 'array', 'items' => ['anyOf' => array_map(self::finding(...), $catalogue->manoeuvres)]],
            ], ['format', 'version', 'setting', 'hurtSide', 'findings']),
        ];
    }

    /**
     * What may be recorded with each manoeuvre: the payload of a save, by manoeuvre.
     *
     * @return array<string, mixed>
     */
    public static function payloads(Catalogue $catalogue): array
    {
        $byManoeuvre = [];
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            $byManoeuvre[$manoeuvre->id] = self::object(self::recorded($manoeuvre));
        }

        return ['description' => 'what may be recorded with each manoeuvre', ...self::object($byManoeuvre)];
    }

    /**
     * @return array<string, mixed>
     */
    private static function episode(): array
    {
        return self::object([
            ...array_fill_keys(Episode::TEXTS, ['type' => ['string', 'null'], 'maxLength' => 4000]),
            'bleedingRisk' => ['type' => ['boolean', 'null']],
            'fluidDrawn' => self::orNull(self::choice(FluidDrawn::cases())),
            'injectionWeeksAgo' => ['type' => ['integer', 'null'], 'minimum' => 0, 'maximum' => 52],
            'operated' => self::orNull(self::object([
                'what' => ['enum' => [...array_column(Condition::cases(), 'value'), Operation::OTHER]],
                'weeksAgo' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 3000],
            ], ['what', 'weeksAgo'])),
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function history(): array
    {
        $pain = ['type' => ['number', 'null'], 'minimum' => 0, 'maximum' => 10];

        return self::object([
            ...self::flags(array_column(StoryItem::cases(), 'value')),
            'swellingOnset' => self::orNull(self::choice(SwellingOnset::cases())),
            'mechanism' => ['type' => ['array', 'null'], 'uniqueItems' => true, 'items' => self::choice(Mechanism::cases())],
            'directBlowSite' => self::orNull(['enum' => HistoryReader::BLOW_SITES]),
            'painNow' => $pain,
            'painActivity' => $pain,
            'painSite' => ['anyOf' => [
                ['type' => 'array', 'uniqueItems' => true, 'items' => ['enum' => HistoryReader::PAIN_PLACES]],
                ['type' => ['string', 'null'], 'maxLength' => 200],
            ]],
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function finding(Manoeuvre $manoeuvre): array
    {
        return self::object([
            'manoeuvre' => ['const' => $manoeuvre->id],
            'side' => ['enum' => $manoeuvre->bothAtOnce ? ['both'] : ['left', 'right']],
            ...self::recorded($manoeuvre),
        ], ['manoeuvre', 'side']);
    }

    /**
     * @return array<string, mixed>
     */
    private static function recorded(Manoeuvre $manoeuvre): array
    {
        $fields = [];
        foreach ($manoeuvre->fields as $field) {
            $fields[$field->name] = self::orNull(self::field($field));
        }
        if ($manoeuvre->checks !== []) {
            $fields['checks'] = self::object(self::flags($manoeuvre->checks));
        }

        return [
            ...$fields,
            'normal' => ['const' => true],
            'notDone' => self::choice(NotDone::cases()),
            'override' => ['type' => 'string', 'minLength' => 3, 'maxLength' => 200],
            'fromMemory' => ['type' => 'boolean'],
            'note' => ['type' => 'string', 'maxLength' => 2000],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function field(Field $field): array
    {
        return match ($field->kind) {
            FieldKind::Flag => ['type' => 'boolean'],
            FieldKind::Number => ['type' => 'number', 'minimum' => $field->least, 'maximum' => $field->most],
            FieldKind::Word => ['enum' => $field->words],
            FieldKind::Words => ['type' => 'array', 'uniqueItems' => true, 'items' => ['enum' => $field->words]],
            FieldKind::Cells => ['type' => 'array', 'minItems' => 1, 'maxItems' => CellReader::MOST, 'items' => self::object(
                array_combine(
                    array_map(static fn (Field $inner): string => $inner->name, $field->inner),
                    array_map(self::field(...), $field->inner),
                ),
                CellReader::NAMED_BY,
            )],
        };
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required = []): array
    {
        return ['type' => 'object', 'additionalProperties' => false, ...($required === [] ? [] : ['required' => $required]), 'properties' => $properties];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, mixed>
     */
    private static function flags(array $keys): array
    {
        return array_fill_keys($keys, ['type' => ['boolean', 'null']]);
    }

    /**
     * @param  list<BackedEnum>  $cases
     * @return array{enum: list<int|string>}
     */
    private static function choice(array $cases): array
    {
        return ['enum' => array_map(static fn (BackedEnum $case): int|string => $case->value, $cases)];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        return ['anyOf' => [$schema, ['type' => 'null']]];
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Tables;

use App\Exchange\Values\Table;

/** What stands in each column of each table, also as a Table Schema beside the files. */
final class Columns
{
    /** Name of the column => [type of Table Schema, description, unit]. */
    private const OF = [
        Table::Athletes->value => [
            'id' => ['string', 'of the athlete'],
            'number' => ['string', 'in the team'],
            'squad' => ['string', 'squad'],
            'born_on' => ['date', 'date of birth'],
            'sex' => ['string', 'female or male; missing: not said'],
        ],
        Table::Visits->value => [
            'id' => ['string', 'of the signed examination'],
            'athlete' => ['string', 'whose knee'],
            'episode' => ['string', 'the same for all visits of one injury of one knee'],
            'side' => ['string', 'the hurt knee'],
            'examined_at' => ['datetime', 'when'],
            'injured_on' => ['date', 'when it was hurt; missing: without an injury'],
            'setting' => ['string', 'setting that the pre-test probabilities are of'],
            'age' => ['integer', 'at the examination', 'years'],
            'rules' => ['string', 'version of the rules'],
            'evidence' => ['string', 'set and digest of the figures'],
        ],
        Table::Measures->value => [
            'visit' => ['string', 'examination'],
            'manoeuvre' => ['string', 'manoeuvre'],
            'side' => ['string', 'left, right or both'],
            'field' => ['string', 'what was measured'],
            'value' => ['number', 'measured value, in `unit`'],
            'unit' => ['string', 'UCUM; 1: none'],
            'measured_by' => ['string', 'sensor, arthrometer, dynamometer or file; missing: by hand'],
            'spread' => ['number', 'standard deviation of what the instrument measured, in `unit`'],
        ],
        Table::Probabilities->value => [
            'visit' => ['string', 'examination'],
            'condition' => ['string', 'condition'],
            'pretest' => ['number', 'before the examination', '1'],
            'posttest' => ['number', 'after it; missing where none was told', '1'],
            'low' => ['number', 'lower end of the 95 % interval', '1'],
            'high' => ['number', 'upper end of the 95 % interval', '1'],
            'zone' => ['string', 'what follows from it'],
        ],
        Table::Results->value => [
            'visit' => ['string', 'examination'],
            'finding' => ['string', 'sign'],
            'manoeuvre' => ['string', 'manoeuvre, or history'],
            'outcome' => ['string', 'positive, negative or equivocal'],
            'counts' => ['boolean', 'whether it was weighed'],
            'reason' => ['string', 'code of the reason, where it was not'],
        ],
        Table::ReferenceResults->value => [
            'id' => ['string', 'of the result'],
            'athlete' => ['string', 'whose knee'],
            'episode' => ['string', 'of the knee'],
            'kind' => ['string', 'scan, operation or clinical course'],
            'seen_on' => ['date', 'when'],
            'condition' => ['string', 'condition'],
            'seen' => ['string', 'present or absent'],
            'grade' => ['integer', '1 to 3, where it was told'],
        ],
        Table::Tasks->value => [
            'id' => ['string', 'of the referral or re-examination'],
            'athlete' => ['string', 'athlete'],
            'visit' => ['string', 'examination that asked for it; missing: noted by hand, or not signed'],
            'kind' => ['string', 'referral, look_again or by_hand'],
            'state' => ['string', 'open, sent, done or let_go'],
            'due_from' => ['date', 'not before'],
            'due_on' => ['date', 'by'],
        ],
        Table::Evidence->value => [
            'finding' => ['string', 'sign'],
            'condition' => ['string', 'condition that it speaks of'],
            'phase' => ['string', 'of the injury; missing: any'],
            'sensitivity' => ['number', 'sensitivity', '1'],
            'sensitivity_low' => ['number', 'lower end of its interval', '1'],
            'sensitivity_high' => ['number', 'upper end of its interval', '1'],
            'specificity' => ['number', 'specificity', '1'],
            'set' => ['string', 'set of figures'],
            'quality' => ['string', 'grade of the evidence'],
            'source' => ['string', 'paper, or working estimate'],
        ],
    ];

    /** Column => [table, column] that it points to. */
    private const KEYS = [
        Table::Visits->value => ['athlete' => ['athletes', 'id']],
        Table::Measures->value => ['visit' => ['visits', 'id']],
        Table::Probabilities->value => ['visit' => ['visits', 'id']],
        Table::Results->value => ['visit' => ['visits', 'id']],
        Table::ReferenceResults->value => ['athlete' => ['athletes', 'id']],
        Table::Tasks->value => ['athlete' => ['athletes', 'id'], 'visit' => ['visits', 'id']],
    ];

    private const WITH_ID = [Table::Athletes, Table::Visits, Table::Tasks];

    /** @return list<string> the heads of a table, in their order */
    public static function of(Table $table): array
    {
        return array_keys(self::OF[$table->value]);
    }

    /** @return array<string, mixed> the descriptor of a data package with all tables */
    public static function package(string $created): array
    {
        return [
            'profile' => 'tabular-data-package',
            'name' => 'gray-compass-tables',
            'title' => 'Signed knee examinations of one team',
            'created' => $created,
            'resources' => array_map(static fn (Table $table): array => [
                'profile' => 'tabular-data-resource',
                'name' => $table->value,
                'path' => $table->file(),
                'format' => 'csv',
                'mediatype' => 'text/csv',
                'encoding' => 'utf-8',
                'dialect' => ['delimiter' => ',', 'lineTerminator' => "\r\n", 'doubleQuote' => true, 'header' => true],
                'schema' => self::schema($table),
            ], Table::cases()),
        ];
    }

    /** @return array<string, mixed> */
    private static function schema(Table $table): array
    {
        $fields = [];
        foreach (self::OF[$table->value] as $name => $said) {
            $fields[] = [
                'name' => $name,
                'type' => $said[0],
                'description' => $said[1],
                ...(isset($said[2]) ? ['unit' => $said[2]] : []),
                ...($said[0] === 'boolean' ? ['trueValues' => ['true'], 'falseValues' => ['false']] : []),
            ];
        }
        $keys = [];
        foreach (self::KEYS[$table->value] ?? [] as $column => [$resource, $to]) {
            $keys[] = ['fields' => $column, 'reference' => ['resource' => $resource, 'fields' => $to]];
        }

        return [
            'fields' => $fields,
            'missingValues' => [''],
            ...(\in_array($table, self::WITH_ID, true) ? ['primaryKey' => 'id'] : []),
            ...($keys === [] ? [] : ['foreignKeys' => $keys]),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Clinic\Values\ReferenceKind;
use App\Club\Import\Sheet;
use App\Exchange\Values\FileFormat;
use App\Platform\Tables\Csv;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;

/**
 * Results as a table with one row for each condition that was looked for: our own `reference_results.csv`, or one
 * that a person filled in. Rows of one knee, kind and day are one result.
 */
final readonly class ResultTable
{
    /** Rows of one file. */
    public const MOST_ROWS = 20_000;

    /** What a row must say, beside whose knee it is. */
    private const NEEDED = ['kind', 'seen_on', 'condition', 'seen'];

    /** @throws Refusal where it is no table of results */
    public function read(string $bytes): RecordFile
    {
        $sheet = Sheet::read($bytes, self::MOST_ROWS);
        $columns = array_flip(array_map(self::head(...), $sheet->heads));
        $missing = array_diff(self::NEEDED, array_keys($columns));
        if ($missing !== []) {
            throw Refusal::at('content', __('exchange.incoming.columns_missing', [
                'columns' => implode(', ', $missing),
            ]));
        }
        $groups = [];
        foreach ($sheet->rows as $number => $row) {
            $cells = array_map(static fn (int $place): string => Csv::plain(trim($row[$place] ?? '')), $columns);
            $key = implode('|', array_map(
                static fn (string $column): string => mb_strtolower($cells[$column] ?? ''),
                ['id', 'athlete', 'number', 'name', 'born_on', 'episode', 'side', 'kind', 'seen_on'],
            ));
            $groups[$key][$number] = $cells;
        }

        return new RecordFile(FileFormat::ResultTable, array_map(self::item(...), array_values($groups)));
    }

    /** @param  array<int, array<string, string>>  $rows  of one result, by their number in the file */
    private static function item(array $rows): Item
    {
        $first = array_key_first($rows);
        \assert($first !== null);
        $place = \count($rows) === 1 ? __('exchange.incoming.row', ['n' => $first])
            : __('exchange.incoming.rows', ['n' => $first, 'last' => array_key_last($rows)]);
        $cells = $rows[$first];
        $person = self::person($cells);
        try {
            return Item::look($place, $person, self::look($rows, $cells));
        } catch (Refusal $refusal) {
            return Item::refused($place, $person, $refusal);
        }
    }

    /**
     * @param  array<int, array<string, string>>  $rows
     * @param  array<string, string>  $first
     */
    private static function look(array $rows, array $first): Look
    {
        $kind = self::kind($first['kind']);
        $answers = [];
        foreach ($rows as $number => $cells) {
            $place = __('exchange.incoming.row', ['n' => $number]);
            $condition = self::condition($cells['condition'])
                ?? throw Refusal::at("{$place}, condition", __('exchange.incoming.unknown_condition', [
                    'condition' => $cells['condition'],
                ]));
            $grade = $cells['grade'] ?? '';
            if ($grade !== '' && ! ctype_digit($grade)) {
                throw Refusal::at("{$place}, grade", __('exchange.incoming.grade'));
            }
            $answers[] = Looks::answer(
                $kind, $condition, mb_strtolower($cells['seen']), $grade === '' ? null : (int) $grade, "{$place}, seen",
            );
        }
        $side = Side::tryFrom(mb_strtolower($first['side'] ?? ''));
        $episode = strtolower($first['episode'] ?? '');
        if ($side !== Side::Left && $side !== Side::Right && $episode === '') {
            throw Refusal::at('side', __('exchange.incoming.side'));
        }

        return new Look(
            Looks::facts($kind, Looks::day($first['seen_on'], 'seen_on'), $answers, 'condition', $first['note'] ?? ''),
            $side === Side::Left || $side === Side::Right ? $side : null,
            $episode === '' ? null : $episode,
        );
    }

    private static function kind(string $written): ReferenceKind
    {
        foreach (ReferenceKind::cases() as $kind) {
            if (\in_array(mb_strtolower($written), [$kind->value, mb_strtolower($kind->label())], true)) {
                return $kind;
            }
        }

        throw Refusal::at('kind', __('exchange.incoming.unknown_kind', ['kind' => $written]));
    }

    private static function condition(string $written): ?Condition
    {
        foreach (Condition::cases() as $condition) {
            if (\in_array(mb_strtolower($written), [$condition->value, mb_strtolower($condition->label())], true)) {
                return $condition;
            }
        }

        return null;
    }

    /** @param  array<string, string>  $cells */
    private static function person(array $cells): Person
    {
        $born = $cells['born_on'] ?? '';
        $isDay = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $born, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1]);

        return new Person(
            self::orNull($cells['athlete'] ?? ''),
            self::orNull($cells['number'] ?? ''),
            $cells['name'] ?? '',
            $isDay ? CarbonImmutable::parse($born, 'UTC') : null,
        );
    }

    private static function orNull(string $cell): ?string
    {
        return $cell === '' ? null : $cell;
    }

    /** As a column is called, however it is written. */
    private static function head(string $written): string
    {
        return str_replace([' ', '-'], '_', mb_strtolower(trim($written)));
    }
}

<?php

declare(strict_types=1);

namespace App\Club\Import;

use App\Access\Teams\TeamDays;
use App\Access\Values\DateOrder;
use App\Club\Athletes\AthleteRules;
use App\Club\Values\AthleteFacts;
use App\Platform\Tables\Csv;
use Illuminate\Support\Facades\Validator;

/** How a sheet is read: which column tells what, how dates are written, and the squad of those who have none. */
final readonly class ColumnMapping
{
    private const SEXES = [
        'f' => 'female', 'female' => 'female', 'w' => 'female', 'weiblich' => 'female', 'femme' => 'female',
        'm' => 'male', 'male' => 'male', 'männlich' => 'male', 'homme' => 'male',
    ];

    private const SIDES = [
        'l' => 'left', 'left' => 'left', 'links' => 'left', 'gauche' => 'left',
        'r' => 'right', 'right' => 'right', 'rechts' => 'right', 'droite' => 'right',
    ];

    /**
     * @param  array<string, int<0, max>>  $columns  place of the column, by what it tells
     * @param  string  $squad  of lines without one; empty: there must be one
     */
    public function __construct(public array $columns, public DateOrder $dates, public string $squad = '')
    {
    }

    /**
     * As someone said.
     *
     * @param  array<string, int<0, max>>  $columns
     * @param  DateOrder|null  $dates  null: as the dates themselves suggest
     */
    public static function by(Sheet $sheet, array $columns, ?DateOrder $dates, string $squad): self
    {
        return new self($columns, $dates ?? DateOrder::guessed(self::columnOf($sheet, $columns), TeamDays::here()->order), $squad);
    }

    /**
     * @param  list<string>  $row
     * @return AthleteFacts|string what is wrong with it, where something is
     */
    public function facts(array $row): AthleteFacts|string
    {
        $cell = fn (Column $column): string => Csv::plain(trim($row[$this->columns[$column->value] ?? -1] ?? ''));
        $name = $cell(Column::Name) !== ''
            ? $cell(Column::Name)
            : trim("{$cell(Column::GivenName)} {$cell(Column::FamilyName)}");
        $born = $cell(Column::Born);
        $day = $this->dates->read($born);
        if ($born !== '' && $day === null) {
            return __('club.columnMapping.no_day', ['born' => $born, 'order' => $this->dates->label()]);
        }
        $profile = [];
        foreach (Column::cases() as $column) {
            if ($column->isProfile() && $cell($column) !== '') {
                $profile[$column->value] = $this->read($column, $cell($column));
            }
        }
        $facts = [
            'name' => $name, 'bornOn' => $day?->toDateString(), 'number' => $cell(Column::Number),
            'squad' => $cell(Column::Squad) !== '' ? $cell(Column::Squad) : $this->squad, 'profile' => $profile,
        ];
        $check = Validator::make($facts, AthleteRules::all());
        if ($check->fails() || $day === null) {
            return (string) $check->errors()->first();
        }

        $number = $facts['number'] === '' ? null : $facts['number'];

        return new AthleteFacts($name, $day, $facts['squad'], $number, $profile);
    }

    /** As it is stored; what cannot be read is left as it is, for the check to refuse. */
    private function read(Column $column, string $written): string|int
    {
        return match ($column) {
            Column::Sex => self::SEXES[mb_strtolower($written)] ?? $written,
            Column::LeadingLeg => self::SIDES[mb_strtolower($written)] ?? $written,
            Column::Height, Column::Mass => ctype_digit($written) ? (int) $written : $written,
            Column::CoachToldFrom, Column::CoachToldUntil => $this->dates->read($written)?->toDateString() ?? $written,
            default => $written,
        };
    }

    /**
     * @param  array<string, int<0, max>>  $columns
     * @return list<string> the birth dates as they are written
     */
    private static function columnOf(Sheet $sheet, array $columns): array
    {
        $place = $columns[Column::Born->value] ?? -1;

        return array_values(array_filter(array_map(
            static fn (array $row): string => $row[$place] ?? '', $sheet->rows,
        )));
    }
}

<?php

declare(strict_types=1);

namespace App\Club\Import;

use App\Club\Athletes\Likeness;
use App\Club\Models\Athlete;
use App\Club\Values\AthleteFacts;

/** Those who are here already and those of the lines above, found by birth date and by number. */
final class Neighbours
{
    /** @var array<string, list<array{name: string, where: string, stays: string, row: int|null, number: string|null}>> by birth date */
    private array $born = [];

    /** @var array<string, string> who has it, by number */
    private array $numbers = [];

    public function addAthlete(Athlete $athlete): void
    {
        $this->add(
            $athlete->name, $athlete->born_on->toDateString(), $athlete->number, $athlete->squad, $athlete->name,
            $athlete->trashed() ? __('club.neighbours.archived') : __('club.neighbours.unchanged'),
        );
    }

    public function addLine(int $row, AthleteFacts $facts): void
    {
        $where = __('club.neighbours.row', ['row' => $row]);
        $this->add(
            $facts->name, $facts->bornOn->toDateString(), $facts->number, $where, $where,
            __('club.neighbours.row_says_the_same', ['row' => $row]), $row,
        );
    }

    /**
     * @return array{LineStatus, string} with the reason
     */
    public function status(AthleteFacts $facts): array
    {
        $sameDay = $this->born[$facts->bornOn->toDateString()] ?? [];
        foreach ($sameDay as $other) {
            if (Likeness::same($other['name'], $facts->name)) {
                return [LineStatus::Same, self::stays($other, $facts)];
            }
        }
        if ($facts->number !== null && isset($this->numbers[$facts->number])) {
            return [LineStatus::Refused, __('club.neighbours.number_taken', [
                'who' => $this->numbers[$facts->number], 'number' => $facts->number,
            ])];
        }
        foreach ($sameDay as $other) {
            if (Likeness::alike($other['name'], $facts->name)) {
                return [LineStatus::Clash, __('club.neighbours.much_like', ['name' => $other['name'], 'where' => $other['where']])];
            }
        }

        return [LineStatus::New, ''];
    }

    /**
     * @param  array{name: string, where: string, stays: string, row: int|null, number: string|null}  $other
     */
    private static function stays(array $other, AthleteFacts $facts): string
    {
        return match (true) {
            $other['row'] === null || $facts->number === null || $other['number'] === $facts->number => $other['stays'],
            $other['number'] === null => __('club.neighbours.no_number', ['row' => $other['row']]),
            default => __('club.neighbours.other_number', ['row' => $other['row'], 'number' => $other['number']]),
        };
    }

    private function add(string $name, string $born, ?string $number, string $where, string $who, string $stays, ?int $row = null): void
    {
        $this->born[$born][] = ['name' => $name, 'where' => $where, 'stays' => $stays, 'row' => $row, 'number' => $number];
        if ($number !== null) {
            $this->numbers[$number] ??= $who;
        }
    }
}

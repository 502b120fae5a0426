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

    /** @var array<string, string> whoever has it, by number */
    private array $numbers = [];

    public function addAthlete(Athlete $athlete): void
    {
        $this->add(
            $athlete->name, $athlete->born_on->toDateString(), $athlete->number, $athlete->squad, $athlete->name,
            $athlete->trashed() ? 'archived: restore them' : 'already here, unchanged',
        );
    }

    public function addLine(int $row, AthleteFacts $facts): void
    {
        $this->add(
            $facts->name, $facts->bornOn->toDateString(), $facts->number, "row {$row}", "row {$row}",
            "row {$row} says the same", $row,
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
            return [LineStatus::Refused, "number: {$this->numbers[$facts->number]} has {$facts->number}"];
        }
        foreach ($sameDay as $other) {
            if (Likeness::alike($other['name'], $facts->name)) {
                return [LineStatus::Clash, "much like {$other['name']}, {$other['where']}, born on the same day"];
            }
        }

        return [LineStatus::New, ''];
    }

    /**
     * @param  array{name: string, where: string, stays: string, row: int|null, number: string|null}  $other
     */
    private static function stays(array $other, AthleteFacts $facts): string
    {
        return $other['row'] === null || $facts->number === null || $other['number'] === $facts->number
            ? $other['stays']
            : "row {$other['row']} has the same name and birth date, with "
                .($other['number'] === null ? 'no number' : "number {$other['number']}").': only that row is taken';
    }

    private function add(string $name, string $born, ?string $number, string $where, string $who, string $stays, ?int $row = null): void
    {
        $this->born[$born][] = ['name' => $name, 'where' => $where, 'stays' => $stays, 'row' => $row, 'number' => $number];
        if ($number !== null) {
            $this->numbers[$number] ??= $who;
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Club\Import;

use App\Club\Models\Athlete;
use App\Club\Values\AthleteFacts;
use Illuminate\Database\Eloquent\Builder;

/** Every line of a list with what would become of it; nothing is stored. */
final readonly class Preview
{
    /**
     * @param  list<Line>  $lines
     */
    private function __construct(public Sheet $sheet, public ColumnMapping $reading, public array $lines)
    {
    }

    public static function of(string $team, Sheet $sheet, ColumnMapping $reading): self
    {
        $read = array_map($reading->facts(...), $sheet->rows);
        $facts = array_filter($read, static fn (AthleteFacts|string $one): bool => $one instanceof AthleteFacts);
        $neighbours = self::known($team, array_values($facts));
        $lines = [];
        foreach ($read as $row => $one) {
            $written = implode(' | ', $sheet->rows[$row]);
            if (! $one instanceof AthleteFacts) {
                $lines[] = Line::refused($row, $one, $written);

                continue;
            }
            [$status, $why] = $neighbours->status($one);
            $lines[] = new Line($row, $status, $one, $why, $written);
            if ($status !== LineStatus::Same && $status !== LineStatus::Refused) {
                $neighbours->addLine($row, $one);
            }
        }

        return new self($sheet, $reading, $lines);
    }

    /**
     * Those of whom athletes are made.
     *
     * @param  list<int>  $taken  similar rows that were checked: another athlete
     * @return list<AthleteFacts>
     */
    public function toAdd(array $taken): array
    {
        $add = [];
        foreach ($this->lines as $line) {
            $isAnother = $line->status === LineStatus::Clash && \in_array($line->row, $taken, true);
            if ($line->facts !== null && ($line->status === LineStatus::New || $isAnother)) {
                $add[] = $line->facts;
            }
        }

        return $add;
    }

    /**
     * Athletes of the team who might be one of them, put away or not.
     *
     * @param  list<AthleteFacts>  $facts
     */
    private static function known(string $team, array $facts): Neighbours
    {
        $prints = array_map(static fn (AthleteFacts $one): string => Athlete::bornHash($team, $one->bornOn), $facts);
        $numbers = array_filter(array_map(static fn (AthleteFacts $one): ?string => $one->number, $facts));

        $neighbours = new Neighbours;
        Athlete::withTrashed()->where('team_id', $team)
            ->where(static fn (Builder $any): Builder => $any
                ->whereIn('born_hash', $prints)->orWhereIn('number', $numbers))
            ->each($neighbours->addAthlete(...));

        return $neighbours;
    }
}

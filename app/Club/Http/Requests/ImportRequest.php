<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Access\Values\DateOrder;
use App\Club\Import\Column;
use App\Club\Import\ColumnMapping;
use App\Club\Import\Preview;
use App\Club\Import\Sheet;
use GrayCompass\Document\Refusal;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Stringable;

/** A list of athletes, and how it is read. */
final class ImportRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Stringable>>
     */
    public function rules(): array
    {
        $column = ['sometimes', 'nullable', 'integer', 'min:0', 'max:60'];
        $columns = array_map(static fn (Column $one): string => $one->value, Column::cases());

        return [
            'content' => ['required', 'string'],
            'columns' => ['sometimes', 'nullable', 'array:'.implode(',', $columns)],
            ...array_fill_keys(array_map(static fn (string $one): string => "columns.{$one}", $columns), $column),
            'dates' => ['sometimes', 'nullable', Rule::enum(DateOrder::class)],
            'squad' => ['sometimes', 'nullable', 'string', 'max:80'],
            'take' => ['sometimes', 'array', 'max:'.Sheet::MOST_ROWS],
            'take.*' => ['integer', 'min:2'],
            'expects' => ['sometimes', 'integer', 'min:0'],
        ];
    }

    /** @throws Refusal where the file is no list */
    public function preview(string $team): Preview
    {
        $bytes = base64_decode($this->string('content')->toString(), true);
        $sheet = Sheet::read($bytes === false ? throw Refusal::at('content', 'this is not base 64') : $bytes);
        $squad = $this->string('squad')->squish()->toString();
        /** @var array<string, int<0, max>|null>|null $columns */
        $columns = $this->input('columns');
        $dates = $this->filled('dates') ? DateOrder::from($this->string('dates')->toString()) : null;

        $given = array_filter($columns ?? [], static fn (?int $place): bool => $place !== null);

        return Preview::of($team, $sheet, ColumnMapping::by(
            $sheet,
            $columns === null ? Column::guessed($sheet->heads) : $given,
            $dates,
            $squad,
        ));
    }

    /**
     * @return list<int> rows of a clash that somebody looked at: another athlete
     */
    public function taken(): array
    {
        /** @var list<int> */
        return $this->input('take', []);
    }

    /** So many were told to be added; null: not said. */
    public function expected(): ?int
    {
        return $this->has('expects') ? $this->integer('expects') : null;
    }
}

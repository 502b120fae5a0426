<?php

declare(strict_types=1);

namespace App\Club\Http\Resources;

use App\Access\Values\DateOrder;
use App\Club\Import\Column;
use App\Club\Import\Line;
use App\Club\Import\Preview;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What would become of each line of a list, and how it was read.
 *
 * @property-read Preview $resource
 */
final class PreviewResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $preview = $this->resource;
        $option = static fn (Column|DateOrder $one): array => ['id' => $one->value, 'label' => $one->label()];

        return [
            'letters' => $preview->sheet->letters,
            'between' => $preview->sheet->between,
            'heads' => $preview->sheet->heads,
            'columns' => (object) $preview->reading->columns,
            'dates' => $preview->reading->dates->value,
            'choices' => [
                'columns' => array_map($option, Column::cases()), 'dates' => array_map($option, DateOrder::cases()),
            ],
            'lines' => array_map(static fn (Line $line): array => [
                'row' => $line->row,
                'status' => $line->status->value,
                'why' => $line->why,
                'written' => $line->written,
                'name' => $line->facts?->name,
                'bornOn' => $line->facts?->bornOn->toDateString(),
                'squad' => $line->facts?->squad,
                'number' => $line->facts?->number,
            ], $preview->lines),
        ];
    }
}

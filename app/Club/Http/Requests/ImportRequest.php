<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Access\Values\DateOrder;
use App\Club\Http\Shapes\ImportShapes;
use App\Club\Import\Column;
use App\Club\Import\ColumnMapping;
use App\Club\Import\Preview;
use App\Club\Import\Sheet;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Definition;

/** A list of athletes, and how it is read. */
final class ImportRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return ImportShapes::importList();
    }

    /** @throws Refusal where the file is no list */
    public function preview(string $team): Preview
    {
        $bytes = base64_decode($this->string('content')->toString(), true);
        $sheet = Sheet::read(
            $bytes === false ? throw Refusal::at('content', __('club.importRequest.this_is_not_base_64')) : $bytes,
        );
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
     * @return list<int> similar rows that were checked: another athlete
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

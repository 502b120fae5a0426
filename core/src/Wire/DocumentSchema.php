<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Examination\Schools\SchoolBook;
use GrayCompass\Inference\Wire\ProblemShape;

/** The JSON Schemas of the open file format, written from the very shapes that reading asks. */
final class DocumentSchema
{
    /**
     * The examination document. What it cannot say (a record twice, a band on the other knee, hours that do
     * not fit the days, a day that the calendar lacks) the reader refuses.
     *
     * @return array<string, mixed>
     */
    public static function of(Catalogue $catalogue, SchoolBook $schools, Routes $routes): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Examination document of Gray Compass',
            ...ExaminationShape::of($catalogue, $schools, $routes)->schema(),
            '$defs' => FigureSourceShape::definitions(),
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
            $byManoeuvre[$manoeuvre->id] = RecordShape::payload($manoeuvre)->schema();
        }

        return [
            'description' => 'what may be recorded with each manoeuvre',
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => $byManoeuvre,
            '$defs' => FigureSourceShape::definitions(),
        ];
    }

    /**
     * The input of the arithmetic.
     *
     * @return array<string, mixed>
     */
    public static function problem(): array
    {
        return [
            'description' => 'the input of the arithmetic, as `weigh:combine` takes it',
            ...ProblemShape::whole()->schema(),
        ];
    }
}

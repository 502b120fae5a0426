<?php

declare(strict_types=1);

namespace GrayCompass\Core\Course;

/** The measures that are followed, in the order in which they are shown. */
final readonly class CourseMeasures
{
    /**
     * @param  list<CourseMeasure>  $all
     */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  array{curves: list<array{id: string, label: string, unit: string, error: int|float, better: string, how: string, of?: list<string>, field?: string}>}  $data  of data/course.json
     *
     * @internal
     */
    public static function read(array $data): self
    {
        return new self(array_map(static fn (array $one): CourseMeasure => new CourseMeasure(
            $one['id'], $one['label'], $one['unit'], (float) $one['error'], Better::from($one['better']),
            How::from($one['how']), $one['of'] ?? [], $one['field'] ?? '',
        ), $data['curves']));
    }
}

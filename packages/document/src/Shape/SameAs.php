<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** The same as another shape of the same document, whose schema stands once and is pointed to from here. */
final readonly class SameAs implements Shape
{
    /**
     * @param  string  $at  where it stands in the schema, such as `#/properties/findings/items`
     */
    public function __construct(private Shape $shape, private string $at)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $this->shape->check($value, $path, $faults);
    }

    public function schema(): array
    {
        return ['$ref' => $this->at];
    }
}

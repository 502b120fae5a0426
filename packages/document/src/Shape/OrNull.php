<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** A shape, or null for not known. */
final readonly class OrNull implements Shape
{
    public function __construct(private Shape $shape)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if ($value !== null) {
            $this->shape->check($value, $path, $faults);
        }
    }

    public function schema(): array
    {
        return ['anyOf' => [$this->shape->schema(), ['type' => 'null']]];
    }
}

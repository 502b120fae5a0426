<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** A shape with a description in its schema. */
final readonly class Noted implements Shape
{
    public function __construct(private Shape $shape, private string $description)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $this->shape->check($value, $path, $faults);
    }

    public function schema(): array
    {
        return [...$this->shape->schema(), 'description' => $this->description];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** A shape that has a name of its own in a description of several: there it stands once, and is pointed to. */
final readonly class Definition implements Shape
{
    public function __construct(public string $name, private Shape $shape)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $this->shape->check($value, $path, $faults);
    }

    public function schema(): array
    {
        return ['$ref' => "#/{$this->name}"];
    }

    /**
     * @return array<string, mixed> what the name stands for, as JSON Schema
     */
    public function definition(): array
    {
        return $this->shape->schema();
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** One of several shapes; what fits none is refused in the words of the last. */
final readonly class Either implements Shape
{
    /** @var non-empty-list<Shape> */
    private array $shapes;

    public function __construct(Shape $first, Shape ...$others)
    {
        $this->shapes = [$first, ...array_values($others)];
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        foreach ($this->shapes as $shape) {
            $found = new Faults($value);
            $shape->check($value, $path, $found);
            if ($found->isEmpty()) {
                return;
            }
        }
        $this->shapes[\count($this->shapes) - 1]->check($value, $path, $faults);
    }

    public function schema(): array
    {
        return ['anyOf' => array_map(static fn (Shape $shape): array => $shape->schema(), $this->shapes)];
    }
}

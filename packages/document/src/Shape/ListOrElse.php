<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** A list of one shape, or something else of another. */
final readonly class ListOrElse implements Shape
{
    public function __construct(private Shape $list, private Shape $else)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        (\is_array($value) ? $this->list : $this->else)->check($value, $path, $faults);
    }

    public function schema(): array
    {
        return ['anyOf' => [$this->list->schema(), $this->else->schema()]];
    }
}

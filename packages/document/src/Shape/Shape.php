<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** What a value of a document must look like: reading asks it, and the JSON Schema is written from it. */
interface Shape
{
    /** Notes each wrong place under this path. */
    public function check(mixed $value, string $path, Faults $faults): void;

    /**
     * @return array<string, mixed> the same as JSON Schema (2020-12)
     */
    public function schema(): array;
}

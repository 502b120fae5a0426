<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\Faults;

/** What binds several keys of one object together. A key that is null is as good as left out. */
interface Rule
{
    /**
     * @param  array<array-key, mixed>  $given
     */
    public function check(array $given, string $path, Faults $faults): void;

    /**
     * @return array<string, mixed> the same as JSON Schema
     */
    public function schema(): array;
}

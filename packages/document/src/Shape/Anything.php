<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use stdClass;

/** Any object: what it holds is described elsewhere. */
final readonly class Anything implements Shape
{
    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! $value instanceof stdClass) {
            $faults->add(FaultKind::Value, $path, 'expected an object');
        }
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => true];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** True or false. */
final readonly class YesNo implements Shape
{
    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_bool($value)) {
            $faults->add(FaultKind::Value, $path, 'expected true or false');
        }
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}

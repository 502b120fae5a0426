<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** This one value. */
final readonly class Exactly implements Shape
{
    public function __construct(private string|int $value)
    {
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if ($value !== $this->value) {
            $faults->add(FaultKind::Value, $path, "expected {$this->value}");
        }
    }

    public function schema(): array
    {
        return ['const' => $this->value];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use DateTimeImmutable;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** A day as `2026-11-30`. */
final readonly class Day implements Shape
{
    public function check(mixed $value, string $path, Faults $faults): void
    {
        $day = \is_string($value) ? DateTimeImmutable::createFromFormat('!Y-m-d', $value) : false;
        if ($day === false || $day->format('Y-m-d') !== $value) {
            $faults->add(FaultKind::Value, $path, 'expected a day such as 2026-11-30');
        }
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date'];
    }
}

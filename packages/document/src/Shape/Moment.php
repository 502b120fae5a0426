<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** A moment as RFC 3339 writes it: `2026-11-30T08:30:00Z`. */
final readonly class Moment implements Shape
{
    /** A regular expression, with its delimiters. */
    public const PATTERN = '/^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d:([0-5]\d|60)(\.\d+)?(Z|[+-]([01]\d|2[0-3]):[0-5]\d)$/D';

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_string($value) || preg_match(self::PATTERN, $value) !== 1) {
            $faults->add(FaultKind::Value, $path, 'expected a moment such as 2026-11-30T08:30:00Z');
        }
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date-time'];
    }
}

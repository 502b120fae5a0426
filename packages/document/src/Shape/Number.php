<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** A finite number within bounds, both included. */
final readonly class Number implements Shape
{
    private function __construct(private float $least, private float $most, private string $unit, private bool $whole)
    {
    }

    public static function within(float $least, float $most, string $unit = ''): self
    {
        return new self($least, $most, $unit, false);
    }

    public static function whole(int $least, int $most, string $unit = ''): self
    {
        return new self($least, $most, $unit, true);
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $reason = match (true) {
            ! \is_int($value) && ! \is_float($value) => 'expected a number',
            ! is_finite((float) $value) => 'expected a finite number',
            $value < $this->least || $value > $this->most => $this->expected(),
            $this->whole && floor((float) $value) !== (float) $value => 'expected a whole number',
            default => null,
        };
        if ($reason !== null) {
            $faults->add(FaultKind::Value, $path, $reason);
        }
    }

    public function schema(): array
    {
        return [
            'type' => $this->whole ? 'integer' : 'number',
            'minimum' => self::plain($this->least),
            'maximum' => self::plain($this->most),
        ];
    }

    private function expected(): string
    {
        return sprintf(
            'expected %s to %s%s',
            self::plain($this->least),
            self::plain($this->most),
            $this->unit === '' ? '' : " {$this->unit}",
        );
    }

    private static function plain(float $value): int|float
    {
        return floor($value) === $value ? (int) $value : $value;
    }
}

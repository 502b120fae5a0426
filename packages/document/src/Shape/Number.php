<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** A finite number within bounds, both included. */
final readonly class Number implements Shape
{
    private function __construct(
        private float $least,
        private float $most,
        private string $reason,
        private bool $whole = false,
        private bool $leastExcluded = false,
        private bool $mostExcluded = false,
    ) {
    }

    /** Both ends are allowed. */
    public static function within(float $least, float $most, string $unit = ''): self
    {
        return new self($least, $most, self::expected($least, $most, $unit));
    }

    /** Both ends are allowed. */
    public static function whole(int $least, int $most, string $unit = ''): self
    {
        return new self($least, $most, self::expected($least, $most, $unit), whole: true);
    }

    /** Any finite one. */
    public static function any(): self
    {
        return new self(-INF, INF, 'expected a number');
    }

    /** Any whole one. */
    public static function anyWhole(): self
    {
        return new self(-INF, INF, 'expected a whole number', whole: true);
    }

    /** A whole one that is not less. */
    public static function from(int $least): self
    {
        return new self($least, INF, "expected {$least} or more", whole: true);
    }

    /** Neither end is allowed. */
    public static function between(float $least, float $most, string $what): self
    {
        $reason = 'expected '.$what.' between '.self::plain($least).' and '.self::plain($most).', neither included';

        return new self($least, $most, $reason, leastExcluded: true, mostExcluded: true);
    }

    /**
     * The lower end is not allowed, the upper one is.
     *
     * @param  float  $most  INF: no upper end
     */
    public static function above(float $least, float $most, string $reason): self
    {
        return new self($least, $most, $reason, leastExcluded: true);
    }

    /** The lower end is allowed, the upper one is not. */
    public static function below(float $least, float $most, string $reason): self
    {
        return new self($least, $most, $reason, mostExcluded: true);
    }

    /** Both ends are allowed, and the reason says it in its own words. */
    public static function ratio(float $least, float $most, string $reason): self
    {
        return new self($least, $most, $reason);
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        $reason = match (true) {
            ! \is_int($value) && ! \is_float($value) => 'expected a number',
            ! is_finite((float) $value) => 'expected a finite number',
            ! $this->holds((float) $value) => $this->reason,
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
            ...($this->least === -INF ? [] : [$this->leastExcluded ? 'exclusiveMinimum' : 'minimum' => self::plain(
                $this->least,
            )]),
            ...($this->most === INF ? [] : [$this->mostExcluded ? 'exclusiveMaximum' : 'maximum' => self::plain(
                $this->most,
            )]),
        ];
    }

    private function holds(float $value): bool
    {
        return ($this->leastExcluded ? $value > $this->least : $value >= $this->least)
            && ($this->mostExcluded ? $value < $this->most : $value <= $this->most);
    }

    private static function expected(float $least, float $most, string $unit): string
    {
        return sprintf('expected %s to %s%s', self::plain($least), self::plain($most), $unit === '' ? '' : " {$unit}");
    }

    private static function plain(float $value): int|float
    {
        return floor($value) === $value ? (int) $value : $value;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document;

use stdClass;

/**
 * One object of a document, read key by key. Every wrong key or value is noted in {@see Faults} with
 * its path; the methods then return a harmless stand-in, and the caller lets `Faults` refuse at the end.
 */
final readonly class Fields
{
    private stdClass $object;

    /**
     * @param  list<string>  $required
     * @param  list<string>  $optional
     */
    public function __construct(
        mixed $value,
        public string $path,
        private Faults $faults,
        array $required,
        array $optional = [],
    ) {
        if (! $value instanceof stdClass) {
            $this->faults->add(FaultKind::Value, $path, 'expected an object');
            $this->object = new stdClass;

            return;
        }
        $this->object = $value;
        foreach (array_keys(get_object_vars($value)) as $key) {
            if (! \in_array((string) $key, $required, true) && ! \in_array((string) $key, $optional, true)) {
                $this->faults->add(FaultKind::UnknownKey, Path::key($path, (string) $key), 'unknown key');
            }
        }
        foreach ($required as $key) {
            if (! property_exists($value, $key)) {
                $this->faults->add(FaultKind::MissingKey, Path::key($path, $key), 'missing');
            }
        }
    }

    public function has(string $key): bool
    {
        return property_exists($this->object, $key);
    }

    /** There, and not null: null says "not known" wherever a key may be left out. */
    public function given(string $key): bool
    {
        return isset($this->object->{$key});
    }

    public function raw(string $key): mixed
    {
        return $this->object->{$key} ?? null;
    }

    public function at(string $key): string
    {
        return Path::key($this->path, $key);
    }

    public function fault(string $key, string $reason): void
    {
        $this->faults->add(FaultKind::Value, $this->at($key), $reason);
    }

    /** Something wrong with this object as a whole. */
    public function ownFault(string $reason): void
    {
        $this->faults->add(FaultKind::Value, $this->path, $reason);
    }

    /** Something wrong with one entry of a list under this object, or with a key of that entry. */
    public function itemFault(string $key, int $index, string $reason, ?string $inner = null): void
    {
        $path = Path::index($this->at($key), $index);
        $this->faults->add(FaultKind::Value, $inner === null ? $path : Path::key($path, $inner), $reason);
    }

    /** Yes, no, or null for not known. */
    public function answer(string $key): ?bool
    {
        return $this->given($key) ? $this->boolean($key) : null;
    }

    /** A finite number; the stand-in is 0. */
    public function number(string $key): float
    {
        if (! $this->has($key)) {
            return 0.0;
        }
        $value = $this->raw($key);
        if (! \is_int($value) && ! \is_float($value)) {
            $this->fault($key, 'expected a number');

            return 0.0;
        }
        if (! is_finite((float) $value)) {
            $this->fault($key, 'expected a finite number');

            return 0.0;
        }

        return (float) $value;
    }

    /** A number from `$low` to `$high`, both allowed. */
    public function within(string $key, float $low, float $high, string $unit = ''): float
    {
        $value = $this->number($key);
        if ($this->has($key) && is_numeric($this->raw($key)) && ($value < $low || $value > $high)) {
            $this->fault(
                $key,
                sprintf('expected %s to %s%s', self::plain($low), self::plain($high), $unit === '' ? '' : " {$unit}"),
            );
        }

        return \min(\max($value, $low), $high);
    }

    /** A whole number from `$low` to `$high`. */
    public function whole(string $key, int $low, int $high, string $unit = ''): int
    {
        $value = $this->within($key, $low, $high, $unit);
        if (floor($value) !== $value) {
            $this->fault($key, 'expected a whole number');
        }

        return (int) $value;
    }

    public function boolean(string $key): bool
    {
        $value = $this->raw($key);
        if ($this->has($key) && ! \is_bool($value)) {
            $this->fault($key, 'expected true or false');
        }

        return $value === true;
    }

    /** Text of `$min` to `$max` characters. */
    public function text(string $key, int $min, int $max): string
    {
        $value = $this->raw($key);
        if (! $this->has($key)) {
            return '';
        }
        if (! \is_string($value)) {
            $this->fault($key, 'expected text');

            return '';
        }
        $length = mb_strlen($value);
        if ($length < $min || $length > $max) {
            $this->fault($key, "expected {$min} to {$max} characters");
        }

        return $value;
    }

    /**
     * One of the given words.
     *
     * @param  list<string>  $allowed
     */
    public function word(string $key, array $allowed): string
    {
        $value = $this->raw($key);
        if (! $this->has($key)) {
            return $allowed[0];
        }
        if (! \is_string($value) || ! \in_array($value, $allowed, true)) {
            $this->fault($key, 'expected one of '.implode(', ', $allowed));

            return $allowed[0];
        }

        return $value;
    }

    /**
     * A list of the given words, each at most once.
     *
     * @param  list<string>  $allowed
     * @return list<string>
     */
    public function wordList(string $key, array $allowed): array
    {
        $words = [];
        foreach ($this->items($key, \count($allowed)) as $index => $word) {
            if (! \is_string($word) || ! \in_array($word, $allowed, true)) {
                $this->itemFault($key, $index, 'expected one of '.implode(', ', $allowed));
            } elseif (\in_array($word, $words, true)) {
                $this->itemFault($key, $index, "{$word} stands twice");
            } else {
                $words[] = $word;
            }
        }

        return $words;
    }

    /**
     * A list, its items still unread; at most `$most` of them.
     *
     * @return list<mixed>
     */
    public function items(string $key, int $most): array
    {
        $value = $this->raw($key);
        if (! $this->has($key)) {
            return [];
        }
        if (! \is_array($value)) {
            $this->fault($key, 'expected a list');

            return [];
        }
        if (\count($value) > $most) {
            $this->fault($key, "expected at most {$most} entries");

            return [];
        }

        return array_values($value);
    }

    /**
     * @param  list<string>  $required
     * @param  list<string>  $optional
     */
    public function inner(string $key, array $required, array $optional = []): self
    {
        return new self($this->raw($key), $this->at($key), $this->faults, $required, $optional);
    }

    /**
     * An object that may be left out.
     *
     * @param  list<string>  $keys
     */
    public function optional(string $key, array $keys): self
    {
        return new self(
            $this->given($key) ? $this->raw($key) : new stdClass,
            $this->at($key),
            $this->faults,
            [],
            $keys,
        );
    }

    /**
     * One entry of a list under this object.
     *
     * @param  list<string>  $required
     * @param  list<string>  $optional
     */
    public function item(string $key, int $index, mixed $value, array $required, array $optional = []): self
    {
        return new self($value, Path::index($this->at($key), $index), $this->faults, $required, $optional);
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Document;

use stdClass;

/**
 * What an object of a document gives. It refuses nothing: a {@see Shape\Shape} has looked at it before, and
 * what is left out, null or of another type is simply not given.
 */
final readonly class Given
{
    private function __construct(private stdClass $object)
    {
    }

    public static function in(mixed $value): self
    {
        return new self($value instanceof stdClass ? $value : new stdClass);
    }

    public function has(string $key): bool
    {
        return isset($this->object->{$key});
    }

    /** Empty where it is not given. */
    public function text(string $key): string
    {
        return $this->word($key) ?? '';
    }

    public function word(string $key): ?string
    {
        $value = $this->object->{$key} ?? null;

        return \is_string($value) ? $value : null;
    }

    public function number(string $key): ?float
    {
        $value = $this->object->{$key} ?? null;

        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    /** A number as it was written: whole, or with a fraction. */
    public function amount(string $key): int|float|null
    {
        $value = $this->object->{$key} ?? null;

        return \is_int($value) || \is_float($value) ? $value : null;
    }

    /**
     * A whole number that is not negative; what is negative counts as none.
     *
     * @return int<0, max>|null
     */
    public function natural(string $key): ?int
    {
        $whole = $this->whole($key);

        return $whole === null ? null : \max(0, $whole);
    }

    public function whole(string $key): ?int
    {
        $value = $this->number($key);

        return $value === null ? null : (int) $value;
    }

    public function answer(string $key): ?bool
    {
        $value = $this->object->{$key} ?? null;

        return \is_bool($value) ? $value : null;
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, bool> what was answered, by key
     */
    public function answers(array $keys): array
    {
        $answers = [];
        foreach ($keys as $key) {
            $answers[$key] = $this->answer($key);
        }

        return array_filter($answers, is_bool(...));
    }

    /**
     * @return list<string>
     */
    public function words(string $key): array
    {
        $value = $this->object->{$key} ?? null;

        return \is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /**
     * @return list<float>
     */
    public function numbers(string $key): array
    {
        $value = $this->object->{$key} ?? null;
        $numbers = \is_array($value) ? array_filter(
            $value,
            static fn (mixed $one): bool => \is_int($one) || \is_float($one),
        ) : [];

        return array_map(floatval(...), array_values($numbers));
    }

    /**
     * @return list<string> the keys given
     */
    public function names(): array
    {
        return array_map(strval(...), array_keys(get_object_vars($this->object)));
    }

    /** An object with nothing in it where it is not given. */
    public function inner(string $key): self
    {
        return self::in($this->object->{$key} ?? null);
    }

    /**
     * @return list<self>
     */
    public function items(string $key): array
    {
        $value = $this->object->{$key} ?? null;

        return \is_array($value) ? array_values(array_map(self::in(...), $value)) : [];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * The keys of one condition, as written.
 *
 * @internal
 */
final readonly class ConditionKeys
{
    /**
     * @param  array<array-key, mixed>  $data
     */
    public function __construct(private array $data)
    {
    }

    public function has(string $key): bool
    {
        return isset($this->data[$key]);
    }

    /** True only where it is written so. */
    public function says(string $key, bool|string $value = true): bool
    {
        return ($this->data[$key] ?? null) === $value;
    }

    public function flag(string $key): ?bool
    {
        $value = $this->data[$key] ?? null;

        return \is_bool($value) ? $value : null;
    }

    public function text(string $key): string
    {
        $value = $this->data[$key] ?? null;

        return \is_string($value) ? $value : '';
    }

    public function number(string $key): ?float
    {
        $value = $this->data[$key] ?? null;

        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    public function whole(string $key): int
    {
        return (int) ($this->number($key) ?? 0);
    }

    /**
     * One word or a list of them.
     *
     * @return list<string>
     */
    public function words(string $key): array
    {
        $value = $this->data[$key] ?? [];

        return array_values(array_filter(\is_array($value) ? $value : [$value], is_string(...)));
    }
}

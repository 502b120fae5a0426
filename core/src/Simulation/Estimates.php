<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use RuntimeException;

/**
 * The figures of data/simulation.json: working estimates on what the evidence rows do not say.
 *
 * @internal
 */
final readonly class Estimates
{
    /**
     * @param  array<array-key, mixed>  $data
     */
    public function __construct(private array $data)
    {
    }

    /** A figure, by its name, or by its name and the name inside it. */
    public function number(string $name, ?string $inner = null): float
    {
        $value = $this->data[$name] ?? null;
        $value = $inner === null ? $value : (\is_array($value) ? $value[$inner] ?? null : null);

        return \is_int($value)
            || \is_float($value) ? (float) $value : throw new RuntimeException(
                "simulation.json lacks {$name} {$inner}.",
            );
    }

    /**
     * @return array{float, float} least and most
     */
    public function span(string $name, ?string $inner = null): array
    {
        $value = $this->data[$name] ?? null;
        $value = $inner === null ? $value : (\is_array($value) ? $value[$inner] ?? null : null);

        return \is_array($value) && is_numeric($value[0] ?? null) && is_numeric($value[1] ?? null)
            ? [(float) $value[0], (float) $value[1]]
                : throw new RuntimeException("simulation.json lacks the span {$name} {$inner}.");
    }

    /**
     * @return list<string>
     */
    public function words(string $name): array
    {
        return \is_array($this->data[$name] ?? null) ? array_values(array_filter($this->data[$name], is_string(...))) : [];
    }

    /**
     * @return array<string, float> shares, by word
     */
    public function shares(string $name): array
    {
        $shares = [];
        foreach (\is_array($this->data[$name] ?? null) ? $this->data[$name] : [] as $word => $share) {
            $shares[(string) $word] = is_numeric($share) ? (float) $share : 0.0;
        }

        return $shares;
    }
}

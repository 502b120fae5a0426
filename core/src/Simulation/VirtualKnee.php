<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Knee\Condition;

/**
 * A knee whose truth is known, with the document of its examination.
 *
 * @internal
 */
final readonly class VirtualKnee
{
    /**
     * @param  list<Condition>  $present
     * @param  array<string, mixed>  $document
     */
    public function __construct(public array $present, public array $document)
    {
    }

    public function has(Condition ...$any): bool
    {
        foreach ($any as $condition) {
            if (\in_array($condition, $this->present, true)) {
                return true;
            }
        }

        return false;
    }

    /** None of the eight structural conditions is present. */
    public function isSound(): bool
    {
        return array_filter(
            $this->present,
            static fn (Condition $condition): bool => $condition->isStructural(),
        ) === [];
    }

    public function tornLigaments(): int
    {
        return \count(array_filter($this->present, static fn (Condition $condition): bool => $condition->isLigament()));
    }

    /**
     * The same knee with other findings.
     *
     * @param  list<array<string, mixed>>  $findings
     */
    public function finding(array $findings): self
    {
        return $this->with('findings', $findings);
    }

    public function with(string $key, mixed $part): self
    {
        return new self($this->present, [...$this->document, $key => $part]);
    }

    /** The document as decoded JSON. */
    public function decoded(): mixed
    {
        return json_decode((string) json_encode($this->document));
    }
}

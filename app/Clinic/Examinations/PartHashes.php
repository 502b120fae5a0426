<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

/**
 * A short mark for each part of an assessment, so that an answer need not repeat what the asker holds already.
 */
final readonly class PartHashes
{
    /**
     * @param  array<string, mixed>  $assessment
     * @param  array<string, string>  $byPart
     */
    private function __construct(private array $assessment, public array $byPart)
    {
    }

    /**
     * @param  array<string, mixed>  $assessment  parts by name
     */
    public static function of(array $assessment): self
    {
        return new self($assessment, array_map(
            static fn (mixed $part): string => hash('xxh3', json_encode($part, JSON_THROW_ON_ERROR)),
            $assessment,
        ));
    }

    /**
     * The parts whose mark is not among those known.
     *
     * @param  array<array-key, mixed>  $known  marks by part, as an earlier answer told them
     * @return array<string, mixed>
     */
    public function changedSince(array $known): array
    {
        return array_filter(
            $this->assessment,
            fn (string $part): bool => ($known[$part] ?? null) !== $this->byPart[$part],
            ARRAY_FILTER_USE_KEY,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Clinic\Values;

use GrayCompass\Core\Knee\Condition;

/** What one look said of one injury. */
final readonly class ReferenceAnswer
{
    /**
     * @param  int<1, 3>|null  $grade  of a torn ligament, where it was told
     */
    public function __construct(public Condition $condition, public InjuryState $seen, public ?int $grade = null)
    {
    }

    /**
     * @param  list<array{condition: string, seen: string, grade?: int<1, 3>|null}>  $written
     * @return list<self>
     */
    public static function all(array $written): array
    {
        return array_map(static fn (array $one): self => new self(
            Condition::from($one['condition']), InjuryState::from($one['seen']), $one['grade'] ?? null,
        ), $written);
    }
}

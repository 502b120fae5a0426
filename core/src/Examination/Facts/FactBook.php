<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use GrayCompass\Core\Examination\SafetyKey;
use OutOfBoundsException;

/**
 * What facts mean, and what the hands answer to the questions of the gate.
 *
 * @internal
 */
final readonly class FactBook
{
    /**
     * @param  array<string, FactCondition>  $facts  by name
     * @param  array<string, GateAnswer>  $answers  by question of the gate
     */
    public function __construct(private array $facts, private array $answers)
    {
    }

    /** @throws OutOfBoundsException when there is no such fact */
    public function condition(string $fact): FactCondition
    {
        return $this->facts[$fact] ?? throw new OutOfBoundsException("There is no fact {$fact}.");
    }

    /** Null: no finding speaks to this question. */
    public function answer(SafetyKey $question): ?GateAnswer
    {
        return $this->answers[$question->value] ?? null;
    }

    /**
     * @return list<string>
     */
    public function names(): array
    {
        return array_keys($this->facts);
    }
}

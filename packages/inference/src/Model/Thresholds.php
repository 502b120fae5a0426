<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * The two chances at which the best choice changes: 0 < ruleOut < act < 1.
 *
 * @internal
 */
final readonly class Thresholds
{
    private const TOLERANCE = 1e-9;

    public function __construct(public float $ruleOut = 0.1, public float $act = 0.8)
    {
    }

    public function zone(float $chance): Zone
    {
        return match (true) {
            $chance < $this->ruleOut - self::TOLERANCE => Zone::RuledOut,
            $chance >= $this->act - self::TOLERANCE => Zone::Act,
            default => Zone::Investigate,
        };
    }

    /** The cost of the best choice at this chance, where looking further costs 1. */
    public function loss(float $chance): float
    {
        return \min(1.0, $chance / $this->ruleOut, (1 - $chance) / (1 - $this->act));
    }
}

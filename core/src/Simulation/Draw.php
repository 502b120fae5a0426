<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use Closure;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;

/**
 * What the signs of one virtual knee come out as.
 *
 * @internal
 */
final readonly class Draw
{
    /**
     * @param  int  $state  the knee's injuries, bit i for condition i
     * @param  Closure(string): bool  $positive
     * @param  Closure(string, Condition): ?Level  $level
     */
    public function __construct(public int $state, private Closure $positive, private Closure $level)
    {
    }

    public function isPositive(string $sign): bool
    {
        return ($this->positive)($sign);
    }

    public function level(string $sign, Condition $of): ?Level
    {
        return ($this->level)($sign, $of);
    }
}

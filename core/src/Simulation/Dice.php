<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance from a seed: the same seed gives the same knees. */
final readonly class Dice
{
    private const STEPS = 1_000_000;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** In [0, 1). */
    public function share(): float
    {
        return $this->random->getInt(0, self::STEPS - 1) / self::STEPS;
    }

    public function happens(float $chance): bool
    {
        return $this->share() < $chance;
    }

    /**
     * @param  array{float, float}  $span
     */
    public function between(array $span, int $digits = 1): float
    {
        return round($span[0] + ($span[1] - $span[0]) * $this->share(), $digits);
    }

    /** Normally distributed around 0. */
    public function error(float $deviation): float
    {
        return $deviation * \sqrt(-2 * \log(1 - $this->share())) * cos(2 * M_PI * $this->share());
    }

    /**
     * @template T of array-key
     *
     * @param  array<T, float>  $weights  any positive total
     * @return T
     */
    public function pick(array $weights): int|string
    {
        $at = $this->share() * \array_sum($weights);
        foreach ($weights as $one => $weight) {
            $at -= $weight;
            if ($at < 0) {
                return $one;
            }
        }

        return array_key_last($weights) ?? throw new LogicException('There is nothing to pick from.');
    }
}

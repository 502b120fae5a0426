<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

use GrayCompass\Learning\Numbers\Special;

/** Two ways of saying what a knee has, on the same knees; exact and two-sided (McNemar 1947). */
final readonly class McNemar
{
    public int $firstOnly;

    public int $otherOnly;

    /**
     * @param  list<bool>  $first  whether it was right, by knee
     * @param  list<bool>  $other  as many
     */
    public function __construct(array $first, array $other)
    {
        $this->firstOnly = \count(array_filter(array_map(static fn (bool $a, bool $b): bool => $a && ! $b, $first, $other)));
        $this->otherOnly = \count(array_filter(array_map(static fn (bool $a, bool $b): bool => $b && ! $a, $first, $other)));
    }

    /** In (0, 1]; 1 where they never differ. */
    public function chance(): float
    {
        $differ = $this->firstOnly + $this->otherOnly;
        $fewer = \min($this->firstOnly, $this->otherOnly);
        // P(X ≤ k) of a fair binomial is the share of Beta(n − k, k + 1) below one half.
        $below = $fewer === $differ ? 1.0 : Special::beta(0.5, $differ - $fewer, $fewer + 1);

        return \min(1.0, 2 * $below);
    }
}

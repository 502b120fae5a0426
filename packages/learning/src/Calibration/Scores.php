<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

use GrayCompass\Learning\Numbers\Quantile;
use GrayCompass\Learning\Numbers\Wilson;

/**
 * How well chances foretold what a reference showed: Brier (1950), log score, observed against expected, Spiegelhalter's
 * test (1986). Chances are compared with what the reference would show, so that its errors are not held against them.
 */
final readonly class Scores
{
    /** For logs, chances are kept within this far of 0 and 1. */
    public const CLAMP = 0.001;

    private const TENTHS = 10;

    /** @param  non-empty-list<Pair>  $pairs */
    public function __construct(private array $pairs, private Reference $reference = new Reference)
    {
    }

    public static function clamped(float $chance): float
    {
        return \min(\max($chance, self::CLAMP), 1 - self::CLAMP);
    }

    public function weight(): float
    {
        return $this->sum(static fn (Pair $pair): float => $pair->weight);
    }

    /** The number of pairs of equal weight that would tell as much. */
    public function effective(): float
    {
        return $this->weight() ** 2 / $this->sum(static fn (Pair $pair): float => $pair->weight ** 2);
    }

    /**
     * Mean squared distance from what was there.
     *
     * @param  float|null  $chance  the same for every knee; null: their own
     */
    public function brier(?float $chance = null): float
    {
        return $this->sum(function (Pair $pair) use ($chance): float {
            $p = $chance ?? $pair->chance;
            $found = $this->reference->corrected($pair->found());

            return $pair->weight * ($p * $p - 2 * $p * $found + $found);
        }) / $this->weight();
    }

    /** 1 for certainty that is right, 0 for what the base rate alone would reach. */
    public function skill(float $base): float
    {
        return 1 - $this->brier() / $this->brier($base);
    }

    /** Mean of −ln of the chance of what was shown. */
    public function logScore(): float
    {
        return $this->sum(function (Pair $pair): float {
            $shown = $this->reference->shown(self::clamped($pair->chance));

            return -$pair->weight * \log($pair->present ? $shown : 1 - $shown);
        }) / $this->weight();
    }

    public function observed(): float
    {
        return $this->sum(static fn (Pair $pair): float => $pair->weight * $pair->found());
    }

    public function expected(): float
    {
        return $this->sum(fn (Pair $pair): float => $pair->weight * $this->reference->shown($pair->chance));
    }

    /** @return array{float, float} 95 % of what would be found if the chances were right */
    public function expectedInterval(): array
    {
        $reach = Quantile::Z95 * \sqrt($this->variance());

        return [$this->expected() - $reach, $this->expected() + $reach];
    }

    /** Found more (above 0) or less often than expected, in standard deviations; null: every chance was 0 or 1. */
    public function ofTotal(): ?float
    {
        $variance = $this->variance();

        return $variance > 0 ? ($this->observed() - $this->expected()) / \sqrt($variance) : null;
    }

    /** Spiegelhalter's Z: chances too extreme (above 0) or too timid; knees count alike. Null: every chance was 0, ½ or 1. */
    public function spiegelhalter(): ?float
    {
        $above = $this->sum(function (Pair $pair): float {
            $q = $this->reference->shown($pair->chance);

            return ($pair->found() - $q) * (1 - 2 * $q);
        });
        $below = $this->sum(function (Pair $pair): float {
            $q = $this->reference->shown($pair->chance);

            return (1 - 2 * $q) ** 2 * $q * (1 - $q);
        });

        return $below > 0 ? $above / \sqrt($below) : null;
    }

    /** How many had it, freed of the errors of the reference. */
    public function presentCorrected(): float
    {
        return $this->sum(fn (Pair $pair): float => $pair->weight * $this->reference->corrected($pair->found()));
    }

    /** @return list<array{bin: int, n: int, effective: float, mean: float, observed: float, interval: array{float, float}}> tenths of the chance that have a knee */
    public function tenths(): array
    {
        $bins = [];
        foreach ($this->pairs as $pair) {
            $bins[\min(self::TENTHS - 1, (int) floor($pair->chance * self::TENTHS + 1e-9))][] = $pair;
        }
        ksort($bins);
        $told = [];
        foreach ($bins as $bin => $pairs) {
            $of = new self($pairs);
            $observed = $of->observed() / $of->weight();
            $told[] = [
                'bin' => $bin,
                'n' => \count($pairs),
                'effective' => $of->effective(),
                'mean' => $of->expected() / $of->weight(),
                'observed' => $observed,
                'interval' => Wilson::of($observed, $of->effective()),
            ];
        }

        return $told;
    }

    private function variance(): float
    {
        return $this->sum(function (Pair $pair): float {
            $q = $this->reference->shown($pair->chance);

            return $pair->weight ** 2 * $q * (1 - $q);
        });
    }

    /** @param  callable(Pair): float  $of */
    private function sum(callable $of): float
    {
        return \array_sum(array_map($of, $this->pairs));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Own;

use GrayCompass\Learning\Numbers\Quantile;
use GrayCompass\Learning\Numbers\Special;

/** One published figure beside the counts of one's own. */
final readonly class OwnRow
{
    private const LEAST_WORTH = 5.0;

    private const MOST_WORTH = 60.0;

    /** Knees that the published figure is worth before its strength is known. */
    private float $worth;

    /**
     * @param  int|null  $target  position of the condition; null: the specificity that all rows of the finding share
     * @param  float  $published  in (0, 1): the chance of a positive with the target alone, or the specificity
     * @param  float  $variance  of its doubt, on the logit scale; 0: it is exact
     */
    public function __construct(
        public string $finding,
        public ?int $target,
        public float $published,
        float $variance,
        public Counts $counts,
    ) {
        $exact = $variance > 0 ? 1 / ($variance * $published * (1 - $published)) - 1 : self::MOST_WORTH;
        $this->worth = \min(\max($exact, self::LEAST_WORTH), self::MOST_WORTH);
    }

    /** ln of how well this strength of the published figure foretold the counts. */
    public function logLikelihood(float $strength): float
    {
        $hit = $strength * $this->worth * $this->published;
        $miss = $strength * $this->worth * (1 - $this->published);

        return Special::logBeta($hit + $this->hits(), $miss + $this->misses()) - Special::logBeta($hit, $miss);
    }

    /** Knees that the published figure is worth. */
    public function priorWorth(float $strength): float
    {
        return $strength * $this->worth;
    }

    /** @param  float  $least  no sensitivity is less than what chance alone gives */
    public function own(float $strength, float $least = 0.0): float
    {
        $worth = $this->priorWorth($strength);

        return \max($least, ($worth * $this->published + $this->hits()) / ($worth + $this->hits() + $this->misses()));
    }

    /** @return array{float, float} 95 %; what is filled in adds no certainty */
    public function interval(float $strength, float $own): array
    {
        $knees = $this->priorWorth($strength) + $this->counts->verified;

        return [
            Quantile::beta(0.025, $own * $knees, (1 - $own) * $knees),
            Quantile::beta(0.975, $own * $knees, (1 - $own) * $knees),
        ];
    }

    private function hits(): float
    {
        return $this->target === null ? $this->counts->negative : $this->counts->positive;
    }

    private function misses(): float
    {
        return $this->target === null ? $this->counts->positive : $this->counts->negative;
    }
}

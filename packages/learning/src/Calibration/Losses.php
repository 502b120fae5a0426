<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

/** What two thresholds cost, counted in looks: a torn knee that is left costs 1/lo, a sound one that is acted on 1/(1 − hi). */
final readonly class Losses
{
    public int $leftPresent;

    public int $actAbsent;

    public int $looked;

    public float $mean;

    /**
     * @param  non-empty-list<Pair>  $pairs
     * @param  float  $ruleOut  below it nothing is done; in (0, act)
     * @param  float  $act  from it on it is acted; below 1
     */
    public function __construct(array $pairs, float $ruleOut, float $act)
    {
        $left = $acted = $looked = 0;
        foreach ($pairs as $pair) {
            match (true) {
                $pair->chance < $ruleOut => $left += (int) $pair->present,
                $pair->chance >= $act => $acted += (int) ! $pair->present,
                default => $looked++,
            };
        }
        [$this->leftPresent, $this->actAbsent, $this->looked] = [$left, $acted, $looked];
        $this->mean = ($left / $ruleOut + $acted / (1 - $act) + $looked) / \count($pairs);
    }
}

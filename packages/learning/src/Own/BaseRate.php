<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Own;

use GrayCompass\Learning\Numbers\Quantile;

/** A base rate of one's own, beside the published one. */
final readonly class BaseRate
{
    public float $own;

    /** @var array{float, float} 95 % */
    public array $interval;

    /**
     * @param  float  $published  in (0, 1)
     * @param  float  $worth  knees that it is worth; above 0
     * @param  float  $sum  of the chances of all knees, in [0, knees]
     * @param  int  $knees  of the setting
     */
    public function __construct(float $published, float $worth, float $sum, int $knees)
    {
        $all = $worth + $knees;
        $this->own = ($worth * $published + $sum) / $all;
        $this->interval = [
            Quantile::beta(0.025, $this->own * $all, (1 - $this->own) * $all),
            Quantile::beta(0.975, $this->own * $all, (1 - $this->own) * $all),
        ];
    }
}

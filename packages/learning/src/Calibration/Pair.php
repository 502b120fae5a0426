<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Calibration;

/** A chance and what was found. */
final readonly class Pair
{
    /**
     * @param  float  $chance  in [0, 1], told before
     * @param  bool  $present  what the reference showed
     * @param  float  $weight  knees that this one stands for; above 0
     */
    public function __construct(public float $chance, public bool $present, public float $weight = 1.0)
    {
    }

    public function found(): float
    {
        return $this->present ? 1.0 : 0.0;
    }
}

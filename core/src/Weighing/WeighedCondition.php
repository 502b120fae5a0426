<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** One injury in the balance, before any result. */
final class WeighedCondition
{
    /**
     * @param  float  $pretest  base rate in (0, 1)
     * @param  float  $weight  how much its losses matter, over 0 to 10
     * @param  float|null  $pretestWeight  number of knees the base rate is worth; null: taken as exact
     */
    public function __construct(
        public readonly string $id,
        public readonly float $pretest,
        public readonly ?float $pretestWeight = null,
        public readonly Thresholds $thresholds = new Thresholds,
        public readonly float $weight = 1.0,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/**
 * One injury in the balance, before any result.
 *
 * @internal
 */
final readonly class WeighedCondition
{
    /**
     * @param  float  $pretest  base rate in (0, 1)
     * @param  float  $weight  how much its losses matter, over 0 to 10
     * @param  float|null  $pretestWeight  number of knees the base rate is worth; null: taken as exact
     */
    public function __construct(
        public string $id,
        public float $pretest,
        public ?float $pretestWeight = null,
        public Thresholds $thresholds = new Thresholds,
        public float $weight = 1.0,
    ) {
    }
}

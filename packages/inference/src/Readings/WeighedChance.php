<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

use GrayCompass\Inference\Model\Zone;

/**
 * What the weighing says of one condition. All chances in (0, 1).
 *
 * @internal
 */
final readonly class WeighedChance
{
    /**
     * @param  array{float, float}  $interval  95 %
     * @param  float  $textbook  base rate and every ratio multiplied, without echo or company
     * @param  float  $strongest  base rate and the most telling ratio alone
     */
    public function __construct(
        public string $id,
        public float $pretest,
        public float $posttest,
        public array $interval,
        public float $textbook,
        public float $strongest,
        public Zone $zone,
        public Further $further,
    ) {
    }
}

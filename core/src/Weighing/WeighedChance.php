<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/** What the weighing says of one condition. All chances in (0, 1). */
final class WeighedChance
{
    /**
     * @param  array{float, float}  $interval  95 %
     * @param  float  $textbook  base rate and every ratio multiplied, without echo or company
     * @param  float  $strongest  base rate and the most telling ratio alone
     */
    public function __construct(
        public readonly string $id,
        public readonly float $pretest,
        public readonly float $posttest,
        public readonly array $interval,
        public readonly float $textbook,
        public readonly float $strongest,
        public readonly Zone $zone,
        public readonly Further $further,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Evidence\Priors;

/**
 * The signs of one virtual knee: those of one echo group share a hidden normal, so that they are right and wrong
 * together as often as the echo says, while each alone keeps the rate of its row. data/simulation.json holds how much
 * of the hidden normal is shared; a test holds those figures to the echo.
 *
 * @internal
 */
final class CorrelatedSigns
{
    /** @var array<string, float> the part that a group shares */
    private array $shared = [];

    /** @var array<string, bool> what was drawn, by sign */
    private array $drawn = [];

    public function __construct(
        private readonly Priors $baseline,
        private readonly Estimates $figures,
        private readonly Dice $dice,
    ) {
    }

    /** @param  float  $chance  in [0, 1] */
    public function isPositive(string $sign, float $chance): bool
    {
        return $this->drawn[$sign] ??= $this->draw($this->baseline->groupOf($sign)->id, $chance);
    }

    private function draw(string $group, float $chance): bool
    {
        $rho = $this->figures->shares('sharedByGroup')[$group] ?? 0.0;
        $this->shared[$group] ??= $this->dice->error(1.0);
        $own = $this->dice->error(1.0);

        return Normal::below(\sqrt($rho) * $this->shared[$group] + \sqrt(1 - $rho) * $own) < $chance;
    }
}

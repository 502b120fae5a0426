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

    /** @var array<string, float> the part that is a sign's own, by sign */
    private array $own = [];

    /** @var array<string, float> the same at the visit before, as far as there was one */
    private array $ownBefore = [];

    public function __construct(
        private readonly Priors $baseline,
        private readonly Estimates $figures,
        private readonly Dice $dice,
    ) {
    }

    /** The same knee at a later visit: what its signs share stays, and so does most of what is a sign's own. */
    public function later(): self
    {
        $later = new self($this->baseline, $this->figures, $this->dice);
        [$later->shared, $later->ownBefore] = [$this->shared, $this->own];

        return $later;
    }

    /** @param  float  $chance  in [0, 1] */
    public function isPositive(string $sign, float $chance): bool
    {
        return $this->drawn[$sign] ??= $this->draw($sign, $this->baseline->groupOf($sign)->id, $chance);
    }

    private function draw(string $sign, string $group, float $chance): bool
    {
        $rho = $this->figures->shares('sharedByGroup')[$group] ?? 0.0;
        $this->shared[$group] ??= $this->dice->error(1.0);
        $own = $this->dice->error(1.0);
        if (isset($this->ownBefore[$sign])) {
            $stays = $this->figures->number('sameAtNextVisit');
            $own = \sqrt($stays) * $this->ownBefore[$sign] + \sqrt(1 - $stays) * $own;
        }
        $this->own[$sign] = $own;

        return Normal::below(\sqrt($rho) * $this->shared[$group] + \sqrt(1 - $rho) * $own) < $chance;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Scales;

use GrayCompass\Core\Evidence\Priors;
use GrayCompass\Core\Evidence\SettingRates;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\States\Belief;

/**
 * What is believed before any result, of each setting and age. Fitting every combination of injuries to its base rates is a
 * fifth of a weighing, and comes out the same for all knees of a setting.
 *
 * @internal
 */
final class BaseStates
{
    /** @var array<string, Belief> by id of the rates */
    private array $beliefs = [];

    /**
     * @param  array<string, array<int, float>>  $kept  what kept() gave for the same figures
     */
    public function __construct(private readonly Priors $priors, private readonly array $kept = [])
    {
    }

    public function of(SettingRates $rates): Belief
    {
        return $this->beliefs[$rates->id] ??= isset($this->kept[$rates->id])
            ? Belief::from($this->kept[$rates->id], \count(Condition::cases()))
            : Belief::before($this->problem($rates));
    }

    /**
     * Of every setting and age, to be kept where it costs nothing to read again.
     *
     * @return array<string, array<int, float>> natural log of the chance of each combination, by id of the rates
     */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->priors->allRates() as $rates) {
            $kept[$rates->id] = $this->of($rates)->log();
        }

        return $kept;
    }

    private function problem(SettingRates $rates): Problem
    {
        $base = new BaseProblem($this->priors);

        return new Problem($base->conditions($rates), $base->associations(), [], []);
    }
}

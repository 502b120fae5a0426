<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;

/**
 * How often each injury is met in one setting.
 *
 * @internal
 */
final readonly class SettingRates
{
    /**
     * @param  string  $id  the setting, and of the young their age, such as touchline or touchline under12
     * @param  float  $weight  number of knees that the rates are worth
     * @param  array<string, float>  $rates  by condition, in (0, 1)
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $weight,
        private array $rates,
    ) {
    }

    public function rate(Condition $condition): float
    {
        return $this->rates[$condition->value];
    }
}

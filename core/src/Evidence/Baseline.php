<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;

/** What is held before any finding: base rates by setting, associations, thresholds, echo groups. */
final class Baseline
{
    /**
     * @param  array<string, SettingRates>  $settings  by setting
     * @param  list<Pairing>  $pairings
     * @param  array<string, array{float, float}>  $thresholds  rule out and act, by condition
     * @param  list<EchoGroup>  $groups
     * @param  array<string, float>  $spread  between clinics on the logit scale, by quality
     */
    public function __construct(
        private readonly array $settings,
        public readonly array $pairings,
        private readonly array $thresholds,
        public readonly array $groups,
        private readonly array $spread,
    ) {
    }

    public function setting(Setting $setting): SettingRates
    {
        return $this->settings[$setting->value];
    }

    /**
     * @return list<array{id: string, label: string}>
     */
    public function settingLabels(): array
    {
        return array_map(
            static fn (string $id, SettingRates $rates): array => ['id' => $id, 'label' => $rates->label],
            array_keys($this->settings),
            array_values($this->settings),
        );
    }

    /**
     * @return array{float, float}
     */
    public function thresholds(Condition $condition): array
    {
        return $this->thresholds[$condition->value];
    }

    public function spread(Quality $quality): float
    {
        return $this->spread[$quality->value];
    }

    /** The group of a finding; one that is in none stands alone and echoes nothing. */
    public function groupOf(string $finding): EchoGroup
    {
        foreach ($this->groups as $group) {
            if (in_array($finding, $group->findings, true)) {
                return $group;
            }
        }

        return new EchoGroup("alone_{$finding}", 0.0, [$finding]);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;

/**
 * What is held before any finding: base rates by setting, associations, thresholds, echo groups.
 * Ages at which rates change are working estimates.
 *
 * @internal
 */
final readonly class Priors
{
    private const CHILD = 12;

    private const GROWN = 18;

    /** @var array<string, EchoGroup> by finding */
    private array $groupOf;

    /**
     * @param  array<string, SettingRates>  $settings  by setting
     * @param  list<Pairing>  $pairings
     * @param  array<string, array{float, float}>  $thresholds  rule out and act, by condition
     * @param  list<EchoGroup>  $groups
     * @param  array<string, float>  $spread  between clinics on the logit scale, by quality
     * @param  array<string, float>  $seriousness  how much a miss costs, over 0 to 10, by condition
     * @param  array<string, array<string, SettingRates>>  $young  of ages `under12` and `12to17`, by setting
     */
    public function __construct(
        private array $settings,
        public array $pairings,
        private array $thresholds,
        public array $groups,
        private array $spread,
        private array $seriousness,
        private array $young,
    ) {
        $groupOf = [];
        foreach ($groups as $group) {
            $groupOf += array_fill_keys($group->findings, $group);
        }
        $this->groupOf = $groupOf;
    }

    /** The rates of a setting, for the young those of their age where the setting has such. */
    public function rates(Setting $setting, ?int $ageYears): SettingRates
    {
        $age = match (true) {
            $ageYears === null, $ageYears >= self::GROWN => null,
            $ageYears < self::CHILD => 'under12',
            default => '12to17',
        };

        return ($age === null ? null : $this->young[$age][$setting->value] ?? null) ?? $this->settings[$setting->value];
    }

    /**
     * @return list<SettingRates> of every setting, and of the young in it
     */
    public function allRates(): array
    {
        return [...array_values($this->settings), ...array_merge(...array_map(array_values(...), array_values($this->young)))];
    }

    public function seriousness(Condition $condition): float
    {
        return $this->seriousness[$condition->value];
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
        return $this->groupOf[$finding] ?? new EchoGroup("alone_{$finding}", 0.0, [$finding]);
    }
}

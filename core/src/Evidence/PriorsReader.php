<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;

/**
 * Reads data/priors.json.
 *
 * @internal
 */
final class PriorsReader
{
    /**
     * @param  array{settings: array<string, array{label: string, pretestWeight: float, baseRates: array<string, float>}>, associations: list<array{between: array{string, string}, oddsRatio: float}>, thresholds: array<string, array{ruleOut: float, act: float}>, groups: list<array{id: string, echo: float, findings: list<string>}>, betweenClinicSpread: array<string, float>, seriousness: array<string, float>, young: array<string, mixed>}  $data
     */
    public static function read(array $data): Priors
    {
        return new Priors(
            self::settings($data['settings']),
            array_map(static fn (array $pair): Pairing => new Pairing(
                Condition::from($pair['between'][0]),
                Condition::from($pair['between'][1]),
                $pair['oddsRatio'],
            ), $data['associations']),
            array_map(static fn (array $limits): array => [$limits['ruleOut'], $limits['act']], $data['thresholds']),
            array_map(
                static fn (array $group): EchoGroup => new EchoGroup($group['id'], $group['echo'], $group['findings']),
                $data['groups'],
            ),
            $data['betweenClinicSpread'],
            $data['seriousness'],
            self::young($data['young'], $data['settings']),
        );
    }

    /**
     * @param  array<string, array{label: string, pretestWeight: float, baseRates: array<string, float>}>  $settings
     * @return array<string, SettingRates>
     */
    private static function settings(array $settings): array
    {
        $rates = [];
        foreach ($settings as $id => $setting) {
            $rates[$id] = new SettingRates($id, $setting['label'], $setting['pretestWeight'], $setting['baseRates']);
        }

        return $rates;
    }

    /**
     * The rates of the young; the weight and the name are the setting's.
     *
     * @param  array<string, mixed>  $ages
     * @param  array<string, array{label: string, pretestWeight: float, baseRates: array<string, float>}>  $settings
     * @return array<string, array<string, SettingRates>>
     */
    private static function young(array $ages, array $settings): array
    {
        $young = [];
        foreach (['under12', '12to17'] as $age) {
            /** @var array<string, array<string, float>> $rates */
            $rates = $ages[$age];
            foreach ($rates as $setting => $baseRates) {
                $young[$age][$setting] = new SettingRates(
                    "{$setting} {$age}",
                    $settings[$setting]['label'],
                    $settings[$setting]['pretestWeight'],
                    $baseRates,
                );
            }
        }

        return $young;
    }
}

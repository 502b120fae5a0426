<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;

use function array_map;
use function get_object_vars;

/** Reads data/baseline.json. */
final class BaselineReader
{
    /**
     * @param  object{settings: object, associations: list<object{between: array{string, string}, oddsRatio: float}>, thresholds: object, groups: list<object{id: string, echo: float, findings: list<string>}>, betweenClinicSpread: object}  $data
     */
    public static function read(object $data): Baseline
    {
        $settings = [];
        /** @var object{label: string, pretestWeight: float, baseRates: object} $setting */
        foreach (get_object_vars($data->settings) as $name => $setting) {
            $settings[$name] = new SettingRates($setting->label, (float) $setting->pretestWeight, array_map(floatval(...), get_object_vars($setting->baseRates)));
        }
        $thresholds = [];
        /** @var object{ruleOut: float, act: float} $limits */
        foreach (get_object_vars($data->thresholds) as $condition => $limits) {
            $thresholds[$condition] = [(float) $limits->ruleOut, (float) $limits->act];
        }
        $pairings = [];
        foreach ($data->associations as $pair) {
            $pairings[] = new Pairing(Condition::from($pair->between[0]), Condition::from($pair->between[1]), (float) $pair->oddsRatio);
        }
        $groups = [];
        foreach ($data->groups as $group) {
            $groups[] = new EchoGroup($group->id, (float) $group->echo, $group->findings);
        }

        return new Baseline($settings, $pairings, $thresholds, $groups, array_map(floatval(...), get_object_vars($data->betweenClinicSpread)));
    }
}

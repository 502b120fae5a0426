<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** What may be chosen for an examination, with names: routes, and the schools that it is judged by. */
final class Choices
{
    /**
     * @return list<array{id: string, label: string, says: string}> the preset first
     */
    public static function routes(): array
    {
        return array_map(
            static fn (Route $route): array => [
                'id' => $route->value,
                'label' => $route->label(),
                'says' => $route->purpose(),
            ],
            Route::cases(),
        );
    }

    /**
     * @return list<array{id: string, label: string, preset: string, options: list<array{id: string, label: string}>}>
     */
    public static function schools(): array
    {
        $preset = new Schools;

        return [
            self::school('laxity', 'Drawers count from', $preset->laxity),
            self::school('collateral', 'Collaterals graded by', $preset->collateral),
            self::school('effusion', 'Fluid', $preset->effusion),
            self::school('mcmurraySide', 'McMurray side', $preset->mcmurraySide),
            self::school('evidence', 'Evidence', $preset->evidence),
        ];
    }

    /**
     * @return array{id: string, label: string, preset: string, options: list<array{id: string, label: string}>}
     */
    private static function school(
        string $id,
        string $label,
        LaxitySchool|CollateralSchool|EffusionSchool|McMurraySchool|EvidenceChoice $preset,
    ): array {
        return ['id' => $id, 'label' => $label, 'preset' => $preset->value, 'options' => array_map(
            static fn (LaxitySchool|CollateralSchool|EffusionSchool|McMurraySchool|EvidenceChoice $option): array => ['id' => $option->value, 'label' => $option->label()],
            $preset::cases(),
        )];
    }
}

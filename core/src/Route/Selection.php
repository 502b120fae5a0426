<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Station;

/**
 * Which manoeuvres belong to a route. A focused route takes every manoeuvre that the evidence aims at its
 * conditions, so that a new one joins by its figures, and the companions that those results lean on.
 */
final class Selection
{
    private const TOUCHLINE = [
        'effusion_sweep', 'straight_leg_raise', 'valgus_0', 'varus_0', 'posterior_sag', 'valgus_30', 'varus_30', 'lachman', 'gait', 'hop', 'run_cut_stop',
    ];

    /** A result of the first means little without the others. */
    public const LEANS_ON = [
        'lachman' => ['posterior_sag'],
        'anterior_drawer' => ['posterior_sag'],
        'posterior_drawer' => ['posterior_sag'],
        'lever_sign' => ['posterior_sag'],
        'arthrometer' => ['posterior_sag'],
        'pivot_shift' => ['valgus_30', 'passive_extension'],
        'anterolateral_shift' => ['valgus_30', 'passive_extension'],
        'dial_90' => ['dial_30'],
        'valgus_30' => ['valgus_0'],
        'varus_30' => ['varus_0'],
    ];

    /** What the front-of-knee gate asks for. */
    private const FRONT_GATE = [
        'straight_leg_raise', 'passive_extension', 'kneecap_tendon', 'fat_pad_pinch', 'joint_line_palpation', 'flexion_range',
        'lachman', 'valgus_30', 'varus_30', 'hip_abductor_strength', 'single_leg_sit_to_stand',
    ];

    public function __construct(private readonly Catalogue $catalogue, private readonly EvidenceLibrary $evidence)
    {
    }

    /**
     * @return list<Manoeuvre> in the order of the catalogue
     */
    public function of(Route $route, ?LastTime $lastTime): array
    {
        $chosen = match ($route) {
            Route::Touchline => fn (Manoeuvre $manoeuvre): bool => in_array($manoeuvre->id, self::TOUCHLINE, true),
            Route::ClinicFull => static fn (Manoeuvre $manoeuvre): bool => true,
            Route::FocusCruciate => $this->aimedAt([Condition::Acl, Condition::Pcl, Condition::Plc], ['flexion_range']),
            Route::FocusCollateral => $this->aimedAt([Condition::Mcl, Condition::Lcl, Condition::Plc], ['gait']),
            Route::FocusMeniscus => $this->aimedAt([Condition::MedialMeniscus, Condition::LateralMeniscus], ['passive_extension', 'flexion_range']),
            Route::FocusFront => $this->aimedAt([Condition::PatellofemoralPain, Condition::PatellarInstability], self::FRONT_GATE),
            Route::LookAgain => $lastTime === null || $lastTime->manoeuvres() === []
                ? static fn (Manoeuvre $manoeuvre): bool => true
                : fn (Manoeuvre $manoeuvre): bool => in_array($manoeuvre->id, $this->withCompanions($lastTime->manoeuvres()), true),
        };

        return array_values(array_filter(
            $this->catalogue->manoeuvres,
            static fn (Manoeuvre $manoeuvre): bool => $manoeuvre->station === Station::FirstLook || $chosen($manoeuvre),
        ));
    }

    /**
     * @param  list<Condition>  $conditions
     * @param  list<string>  $companions
     * @return callable(Manoeuvre): bool
     */
    private function aimedAt(array $conditions, array $companions): callable
    {
        $aimed = [];
        foreach ($this->catalogue->manoeuvres as $manoeuvre) {
            foreach ($manoeuvre->feeds as $finding) {
                foreach ($this->evidence->rows($finding) as $row) {
                    if (in_array($row->target, $conditions, true)) {
                        $aimed[] = $manoeuvre->id;
                    }
                }
            }
        }
        $ids = $this->withCompanions([...$aimed, ...$companions]);

        return static fn (Manoeuvre $manoeuvre): bool => in_array($manoeuvre->id, $ids, true);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function withCompanions(array $ids): array
    {
        foreach ($ids as $id) {
            array_push($ids, ...(self::LEANS_ON[$id] ?? []));
        }
        foreach ($ids as $id) {
            array_push($ids, ...(self::LEANS_ON[$id] ?? []));
        }

        return array_values(array_unique($ids));
    }
}

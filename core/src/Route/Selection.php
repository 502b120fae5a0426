<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Examination\RouteKind;
use GrayCompass\Core\Results\CoreSet;

/**
 * Which manoeuvres belong to a route. A focused route takes every manoeuvre that the evidence aims at its
 * conditions, so that a new one joins by its figures, and the companions that those results lean on.
 *
 * @internal
 */
final readonly class Selection
{
    public function __construct(private Catalogue $catalogue, private EvidenceLibrary $evidence)
    {
    }

    /**
     * @return list<Manoeuvre> in the order of the catalogue
     */
    public function of(KneeExamination $examination, ?LastTime $lastTime): array
    {
        $route = $examination->route;
        $core = self::ids(CoreSet::of($examination, $this->catalogue));
        $hip = $examination->isGrowing() || ! $examination->isAfterInjury();
        $chosen = match ($route->takes) {
            RouteKind::Touchline => static fn (Manoeuvre $manoeuvre): bool => $manoeuvre->has(ManoeuvreTrait::Touchline),
            RouteKind::Core => static fn (Manoeuvre $manoeuvre): bool => \in_array($manoeuvre->id, $core, true),
            RouteKind::All => static fn (Manoeuvre $manoeuvre): bool => true,
            RouteKind::Aimed => $this->aimed($route),
            RouteKind::Baseline => static fn (Manoeuvre $manoeuvre): bool => self::joins($manoeuvre, $route),
            RouteKind::OpenBefore => $lastTime === null || $lastTime->manoeuvres() === []
                ? static fn (Manoeuvre $manoeuvre): bool => true
                : fn (Manoeuvre $manoeuvre): bool => \in_array(
                    $manoeuvre->id,
                    $this->withCompanions($lastTime->manoeuvres()),
                    true,
                ),
        };

        // What an injury asks for first is not asked of sound knees.
        $always = ! $route->isBaseline();

        return array_values(array_filter(
            $this->catalogue->manoeuvres,
            static fn (Manoeuvre $manoeuvre): bool => $chosen($manoeuvre) || ($always && $manoeuvre->has(ManoeuvreTrait::First)) || (
                $always && $hip
                && $manoeuvre->has(ManoeuvreTrait::ScreensHip)
            ),
        ));
    }

    /**
     * @return callable(Manoeuvre): bool
     */
    private function aimed(Route $route): callable
    {
        $aimed = [];
        foreach ($this->catalogue->manoeuvres as $manoeuvre) {
            if (self::joins($manoeuvre, $route)) {
                $aimed[] = $manoeuvre->id;
            }
            foreach ($manoeuvre->feeds as $finding) {
                foreach ($this->evidence->rows($finding) as $row) {
                    if (\in_array($row->target, $route->at, true)) {
                        $aimed[] = $manoeuvre->id;
                    }
                }
            }
        }
        $ids = $this->withCompanions($aimed);

        return static fn (Manoeuvre $manoeuvre): bool => \in_array($manoeuvre->id, $ids, true);
    }

    private static function joins(Manoeuvre $manoeuvre, Route $route): bool
    {
        return \in_array($route->id, $manoeuvre->names(ManoeuvreTrait::Joins), true);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function withCompanions(array $ids): array
    {
        for ($at = 0; $at < \count($ids); $at++) {
            foreach ($this->catalogue->get($ids[$at])->names(ManoeuvreTrait::LeansOn) as $companion) {
                if (! \in_array($companion, $ids, true)) {
                    $ids[] = $companion;
                }
            }
        }

        return array_values(array_unique($ids));
    }

    /**
     * @param  list<Manoeuvre>  $manoeuvres
     * @return list<string>
     */
    private static function ids(array $manoeuvres): array
    {
        return array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $manoeuvres);
    }
}

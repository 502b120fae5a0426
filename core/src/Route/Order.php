<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * The order in which manoeuvres are done: each position once, in the order of the stations, so that the
 * sag is seen before the drawers and the fluid before the bending; inside a position looking, touching,
 * moving, stressing, the most provoking last.
 */
final class Order
{
    /** Sore from being pressed, the athlete would guard what is pulled next. */
    private const PRESSES_THE_JOINT_LINE = 'joint_line_palpation';

    /** @var array<string, int> place in the catalogue, by manoeuvre */
    private readonly array $listed;

    /**
     * @param  bool  $painIsHigh  pressing then comes after pulling
     */
    public function __construct(Catalogue $catalogue, private readonly Route $route, private readonly bool $painIsHigh)
    {
        $this->listed = array_flip(array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $catalogue->manoeuvres));
    }

    /**
     * @param  list<Manoeuvre>  $manoeuvres
     * @return list<Manoeuvre> equal ones in the order of the catalogue
     */
    public function of(array $manoeuvres): array
    {
        $places = array_map($this->place(...), $manoeuvres);
        array_multisort($places, $manoeuvres);

        return $manoeuvres;
    }

    /**
     * @return array{int, int, int, int}
     */
    private function place(Manoeuvre $manoeuvre): array
    {
        $late = $this->painIsHigh && $manoeuvre->id === self::PRESSES_THE_JOINT_LINE;

        return [$this->station($manoeuvre), $late ? self::kind(Family::Stress) + 1 : self::kind($manoeuvre->family), $manoeuvre->provocation, $this->listed[$manoeuvre->id]];
    }

    /** On the touchline the athlete lies already, and gets up once, at the end. */
    private function station(Manoeuvre $manoeuvre): int
    {
        $upright = $this->route === Route::Touchline && $manoeuvre->station === Station::Standing;

        return 2 * ($upright ? Station::Loaded : $manoeuvre->station)->position() - ($upright ? 1 : 0);
    }

    /** Looking, touching, moving, stressing. */
    public static function kind(Family $family): int
    {
        return match ($family) {
            Family::Look, Family::Neurovascular => 0,
            Family::Touch, Family::Fluid => 1,
            Family::Range, Family::Strength, Family::Screen => 2,
            Family::Compression, Family::Stress, Family::Drawer, Family::Twist, Family::Pivot, Family::Loaded => 3,
        };
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;

/**
 * The order in which manoeuvres are done: each position once, in the order of the stations, so that the
 * sag is seen before the drawers and the fluid before the bending; inside a position looking, touching,
 * moving, stressing, then pressing on sore places, the most provoking last. Limits are working estimates.
 *
 * @internal
 */
final readonly class Order
{
    private const PROVOKING = 4;

    /** @var array<string, int> place in the catalogue, by manoeuvre */
    private array $listed;

    private bool $hipFirst;

    public function __construct(Catalogue $catalogue, private KneeExamination $examination)
    {
        $this->listed = array_flip(array_map(
            static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id,
            $catalogue->manoeuvres,
        ));
        $this->hipFirst = $examination->isGrowing() || ! $examination->isAfterInjury();
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

    /** Where this knee has it done: a hip that may be the cause is looked at first. */
    public function station(Manoeuvre $manoeuvre): Station
    {
        return $this->hipFirst
            && $manoeuvre->has(ManoeuvreTrait::ScreensHip) ? Station::FirstLook : $manoeuvre->station;
    }

    /**
     * @return array{int, int, int, int}
     */
    private function place(Manoeuvre $manoeuvre): array
    {
        return [
            $this->stationPlace($manoeuvre),
            self::kindOf($manoeuvre),
            $manoeuvre->provocation,
            $this->listed[$manoeuvre->id],
        ];
    }

    /** On the touchline the athlete lies already, and gets up once, at the end; prone comes late on the first day. */
    private function stationPlace(Manoeuvre $manoeuvre): int
    {
        $station = $this->station($manoeuvre);
        if ($this->examination->route->isTouchline() && $station === Station::Standing) {
            return 2 * Station::Loaded->position() - 1;
        }
        if ($this->examination->daysSinceInjury === 0 && $station === Station::Prone) {
            return 2 * Station::Closing->position() - 1;
        }

        return 2 * $station->position();
    }

    private static function kindOf(Manoeuvre $manoeuvre): int
    {
        return match (true) {
            $manoeuvre->provocation >= self::PROVOKING => 5,
            $manoeuvre->has(ManoeuvreTrait::Palpation) => 4,
            default => self::kind($manoeuvre->family),
        };
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

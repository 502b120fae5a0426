<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Scales\ProblemBuilder;

/**
 * A route laid out for one knee: where to stop, what to do there, and how long it takes.
 *
 * @internal
 */
final readonly class Itinerary
{
    /**
     * @param  list<Stop>  $stops  in the order of the route
     * @param  float  $minutes  estimate for the stops, both knees, changes of position included
     * @param  float  $minutesDone  the part of it that is dealt with already
     * @param  list<string>  $dropped  left out for want of time, in the order of the route
     * @param  list<string>  $offered  not part of this route, but open to be done
     * @param  list<Side>  $sides  which knee first
     * @param  bool  $tooShort  the time asked for is less than what no knee goes without
     */
    public function __construct(
        public Route $route,
        public array $stops,
        public float $minutes,
        public float $minutesDone,
        public array $dropped,
        public array $offered,
        public array $sides,
        public bool $tooShort = false,
    ) {
    }

    public function minutesLeft(): float
    {
        return round(\max(0.0, $this->minutes - $this->minutesDone), 2);
    }

    /**
     * Estimated time for manoeuvres in this order, in minutes.
     *
     * @param  list<Manoeuvre>  $manoeuvres
     * @param  bool  $touchline  one knee: half of it
     */
    public static function minutesFor(array $manoeuvres, bool $touchline = false): float
    {
        $minutes = 0.0;
        $here = null;
        foreach ($manoeuvres as $manoeuvre) {
            $moves = $here !== null && $here !== $manoeuvre->station;
            $minutes += $manoeuvre->minutes + ($moves ? ProblemBuilder::CHANGE_OF_POSITION_MIN : 0.0);
            $here = $manoeuvre->station;
        }

        return round($touchline ? $minutes / 2 : $minutes, 2);
    }

    /**
     * Neighbours in one station share a stop.
     *
     * @param  list<Manoeuvre>  $manoeuvres
     * @param  callable(Manoeuvre): Station  $stationOf
     * @return list<Stop>
     */
    public static function stopsOf(array $manoeuvres, callable $stationOf): array
    {
        $stops = [];
        foreach ($manoeuvres as $manoeuvre) {
            $station = $stationOf($manoeuvre);
            $last = $stops === [] ? null : $stops[\count($stops) - 1];
            if ($last?->station === $station) {
                array_pop($stops);
                $stops[] = new Stop($station, [...$last->manoeuvres, $manoeuvre->id]);
            } else {
                $stops[] = new Stop($station, [$manoeuvre->id]);
            }
        }

        return $stops;
    }
}

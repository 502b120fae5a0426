<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Weighing\ProblemBuilder;

/** A route laid out for one knee: where to stop, what to do there, and how long it takes. */
final class Itinerary
{
    /**
     * @param  list<Stop>  $stops  in the order of the route
     * @param  float  $minutes  estimate for the stops, both knees, changes of position included
     * @param  float  $minutesDone  the part of it that is dealt with already
     * @param  list<string>  $dropped  left out for want of time, in the order of the route
     * @param  list<string>  $offered  not part of this route, but open to be done
     * @param  list<Side>  $sides  which knee first
     */
    public function __construct(
        public readonly Route $route,
        public readonly array $stops,
        public readonly float $minutes,
        public readonly float $minutesDone,
        public readonly array $dropped,
        public readonly array $offered,
        public readonly array $sides,
    ) {
    }

    public function minutesLeft(): float
    {
        return round(max(0.0, $this->minutes - $this->minutesDone), 2);
    }

    /**
     * @return list<string>
     */
    public function manoeuvres(): array
    {
        return array_merge(...array_map(static fn (Stop $stop): array => $stop->manoeuvres, $this->stops));
    }

    /**
     * Estimated time for manoeuvres in this order, in minutes.
     *
     * @param  list<Manoeuvre>  $manoeuvres
     */
    public static function minutesFor(array $manoeuvres): float
    {
        $minutes = 0.0;
        $here = null;
        foreach ($manoeuvres as $manoeuvre) {
            $moves = $here !== null && $here !== $manoeuvre->station;
            $minutes += $manoeuvre->minutes + ($moves ? ProblemBuilder::CHANGE_OF_POSITION_MIN : 0.0);
            $here = $manoeuvre->station;
        }

        return round($minutes, 2);
    }

    /**
     * Neighbours in one station share a stop.
     *
     * @param  list<Manoeuvre>  $manoeuvres
     * @return list<Stop>
     */
    public static function stopsOf(array $manoeuvres): array
    {
        $stops = [];
        foreach ($manoeuvres as $manoeuvre) {
            $last = $stops === [] ? null : $stops[count($stops) - 1];
            if ($last?->station === $manoeuvre->station) {
                array_pop($stops);
                $stops[] = new Stop($manoeuvre->station, [...$last->manoeuvres, $manoeuvre->id]);
            } else {
                $stops[] = new Stop($manoeuvre->station, [$manoeuvre->id]);
            }
        }

        return $stops;
    }
}

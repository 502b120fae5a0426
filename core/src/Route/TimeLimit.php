<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;

/**
 * Shortens a route to a time by dropping what is worth least; the order stays, and so does what no knee goes without.
 *
 * @internal
 */
final readonly class TimeLimit
{
    /**
     * @param  array<string, array{float, float}>  $worth  by manoeuvre: value and bits per minute
     * @param  list<string>  $done  manoeuvres that are dealt with already
     * @param  bool  $touchline  one knee, at half the time
     */
    public function __construct(private array $worth, private array $done, private bool $touchline)
    {
    }

    /**
     * @param  list<Manoeuvre>  $manoeuvres  in order
     * @return list<Manoeuvre>
     */
    public function shorten(array $manoeuvres, float $minutes): array
    {
        while (Itinerary::minutesFor($manoeuvres, $this->touchline) > $minutes) {
            $least = null;
            foreach ($manoeuvres as $at => $manoeuvre) {
                if (
                    $this->mayGo($manoeuvre, $manoeuvres)
                    && ($least === null || $this->isWorthLess($manoeuvre, $manoeuvres[$least]))
                ) {
                    $least = $at;
                }
            }
            if ($least === null) {
                break;
            }
            array_splice($manoeuvres, $least, 1);
        }

        return $manoeuvres;
    }

    /**
     * What others lean on goes after them.
     *
     * @param  list<Manoeuvre>  $manoeuvres
     */
    private function mayGo(Manoeuvre $manoeuvre, array $manoeuvres): bool
    {
        if ($manoeuvre->has(ManoeuvreTrait::Kept) || \in_array($manoeuvre->id, $this->done, true)) {
            return false;
        }
        foreach ($manoeuvres as $other) {
            if (\in_array($manoeuvre->id, $other->names(ManoeuvreTrait::LeansOn), true)
                && ! \in_array($other->id, $this->done, true)
                && ! $other->has(ManoeuvreTrait::Kept)) {
                return false;
            }
        }

        return true;
    }

    private function isWorthLess(Manoeuvre $a, Manoeuvre $b): bool
    {
        $nothing = [0.0, 0.0];

        return [...($this->worth[$a->id] ?? $nothing), -$a->provocation, $b->minutes]
            <= [...($this->worth[$b->id] ?? $nothing), -$b->provocation, $a->minutes];
    }
}

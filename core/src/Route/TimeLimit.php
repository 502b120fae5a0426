<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Knee\Family;

/** Shortens a route to a time by dropping what is worth least; the order stays. */
final class TimeLimit
{
    /**
     * @param  array<string, array{float, float}>  $worth  by manoeuvre: value and bits per minute
     * @param  list<string>  $kept  manoeuvres that are dealt with already
     */
    public function __construct(private readonly array $worth, private readonly array $kept)
    {
    }

    /**
     * Pulse, sensation and ankle lift stay, and so does what is done. What others lean on goes after them.
     *
     * @param  list<Manoeuvre>  $manoeuvres  in order
     * @return list<Manoeuvre>
     */
    public function shorten(array $manoeuvres, float $minutes): array
    {
        while (Itinerary::minutesFor($manoeuvres) > $minutes) {
            $least = null;
            foreach ($manoeuvres as $at => $manoeuvre) {
                if ($this->mayGo($manoeuvre, $manoeuvres) && ($least === null || $this->isWorthLess($manoeuvre, $manoeuvres[$least]))) {
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
     * @param  list<Manoeuvre>  $manoeuvres
     */
    private function mayGo(Manoeuvre $manoeuvre, array $manoeuvres): bool
    {
        if ($manoeuvre->family === Family::Neurovascular || in_array($manoeuvre->id, $this->kept, true)) {
            return false;
        }
        foreach ($manoeuvres as $other) {
            if (in_array($manoeuvre->id, Selection::LEANS_ON[$other->id] ?? [], true) && ! in_array($other->id, $this->kept, true)) {
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

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\RouteKind;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\TouchlineStop;

/**
 * Lays out the chosen route for this knee, as far as it is safe and as time allows.
 *
 * @internal
 */
final readonly class Planner
{
    /** What no knee goes without takes so long, in minutes; half of it on the touchline. Working estimate. */
    private const LEAST_MIN = 7.0;

    public function __construct(private Catalogue $catalogue, private EvidenceLibrary $evidence)
    {
    }

    /**
     * @param  list<Suggestion>  $suggestions  what the rest is worth
     */
    public function plan(Bearings $bearings, array $suggestions, ?LastTime $lastTime = null): Itinerary
    {
        $examination = $bearings->examination;
        $touchline = $examination->route->isTouchline();
        $done = self::done($examination);
        $held = $bearings->holds->byRule();
        $isStopped = TouchlineStop::reason($bearings) !== null;
        $open = static fn (Manoeuvre $manoeuvre): bool => \in_array($manoeuvre->id, $done, true)
            || (! isset($held[$manoeuvre->id]) && ! ($isStopped && $manoeuvre->family === Family::Loaded));
        $order = new Order($this->catalogue, $examination);
        $selected = array_values(array_filter(
            (new Selection($this->catalogue, $this->evidence))->of($examination, $lastTime),
            $open,
        ));
        $ordered = $order->of([...$selected, ...$this->further($examination, $selected, $suggestions, $done)]);
        $limit = $examination->timeLimitMin;
        $kept = $limit === null
            ? $ordered
            : (new TimeLimit(self::worth($suggestions), $done, $touchline))->shorten($ordered, $limit);
        $dealtWith = array_values(array_filter(
            $kept,
            static fn (Manoeuvre $manoeuvre): bool => \in_array($manoeuvre->id, $done, true),
        ));

        return new Itinerary(
            $examination->route,
            Itinerary::stopsOf($kept, $order->station(...)),
            Itinerary::minutesFor($kept, $touchline),
            Itinerary::minutesFor($dealtWith, $touchline),
            self::others($ordered, $kept),
            self::others(array_values(array_filter($this->catalogue->manoeuvres, $open)), $ordered),
            $touchline ? [$examination->hurtSide] : [$examination->hurtSide->opposite(), $examination->hurtSide],
            $limit !== null && $limit < ($touchline ? self::LEAST_MIN / 2 : self::LEAST_MIN),
        );
    }

    /**
     * @return list<string>
     */
    private static function done(KneeExamination $examination): array
    {
        $done = [];
        foreach ($examination->records as $record) {
            if ($record->side !== $examination->hurtSide->opposite()) {
                $done[] = $record->manoeuvre->id;
            }
        }

        return $done;
    }

    /**
     * Beyond the core set: what was done all the same, and once the core set is through the next thing worth doing.
     *
     * @param  list<Manoeuvre>  $selected
     * @param  list<Suggestion>  $suggestions
     * @param  list<string>  $done
     * @return list<Manoeuvre>
     */
    private function further(KneeExamination $examination, array $selected, array $suggestions, array $done): array
    {
        if ($examination->route->takes !== RouteKind::Core) {
            return [];
        }
        $ids = array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $selected);
        $next = array_values(array_filter(
            $suggestions,
            static fn (Suggestion $one): bool => $one->manoeuvre !== null,
        ))[0]->manoeuvre ?? null;
        $extra = array_diff($next === null ? $done : [...$done, $next], $ids);

        return array_map($this->catalogue->get(...), array_values(array_unique($extra)));
    }

    /**
     * @param  list<Suggestion>  $suggestions
     * @return array<string, array{float, float}>
     */
    private static function worth(array $suggestions): array
    {
        $worth = [];
        foreach ($suggestions as $suggestion) {
            if ($suggestion->manoeuvre !== null && $suggestion->test !== null) {
                $worth[$suggestion->manoeuvre] = [
                    $suggestion->test->valuePerMinute(),
                    $suggestion->test->bitsPerMinute(),
                ];
            }
        }

        return $worth;
    }

    /**
     * @param  list<Manoeuvre>  $all
     * @param  list<Manoeuvre>  $without
     * @return list<string>
     */
    private static function others(array $all, array $without): array
    {
        $id = static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id;

        return array_values(array_diff(array_map($id, $all), array_map($id, $without)));
    }
}

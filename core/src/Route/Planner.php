<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\SafetyKey;

/** Lays out the chosen route for this knee, as far as it is safe and as time allows. */
final class Planner
{
    /** 0–10; from here on, pressing the joint line would spoil what is pulled next. */
    private const HIGH_PAIN = 7.0;

    public function __construct(private readonly Catalogue $catalogue, private readonly EvidenceLibrary $evidence)
    {
    }

    /**
     * @param  list<string>  $blocked  manoeuvres that are off limits
     * @param  list<Suggestion>  $suggestions  what the rest is worth
     */
    public function plan(Examination $examination, array $blocked, array $suggestions, ?LastTime $lastTime = null): Itinerary
    {
        $done = [];
        foreach ($examination->records as $record) {
            if ($record->side !== $examination->hurtSide->opposite()) {
                $done[] = $record->manoeuvre->id;
            }
        }
        $open = fn (Manoeuvre $manoeuvre): bool => ! in_array($manoeuvre->id, $blocked, true) || in_array($manoeuvre->id, $done, true);
        $selected = array_values(array_filter((new Selection($this->catalogue, $this->evidence))->of($examination->route, $lastTime), $open));
        $ordered = (new Order($this->catalogue, $examination->route, self::painIsHigh($examination)))->of($selected);
        $kept = $examination->timeLimitMin === null
            ? $ordered
            : (new TimeLimit(self::worth($suggestions), $done))->shorten($ordered, $examination->timeLimitMin);
        $ids = array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $kept);
        $dealtWith = array_values(array_filter($kept, static fn (Manoeuvre $manoeuvre): bool => in_array($manoeuvre->id, $done, true)));

        return new Itinerary(
            $examination->route,
            Itinerary::stopsOf($kept),
            Itinerary::minutesFor($kept),
            Itinerary::minutesFor($dealtWith),
            self::others($ordered, $ids),
            self::others(array_values(array_filter($this->catalogue->manoeuvres, $open)), array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $ordered)),
            [$examination->hurtSide->opposite(), $examination->hurtSide],
        );
    }

    private static function painIsHigh(Examination $examination): bool
    {
        return ($examination->history->painNow ?? 0.0) >= self::HIGH_PAIN || $examination->safety->isTrue(SafetyKey::PainAtRest7);
    }

    /**
     * @param  list<Suggestion>  $suggestions
     * @return array<string, array{float, float}>
     */
    private static function worth(array $suggestions): array
    {
        $worth = [];
        foreach ($suggestions as $suggestion) {
            $worth[$suggestion->manoeuvre] = [$suggestion->test->valuePerMinute(), $suggestion->test->bitsPerMinute()];
        }

        return $worth;
    }

    /**
     * @param  list<Manoeuvre>  $all
     * @param  list<string>  $without
     * @return list<string>
     */
    private static function others(array $all, array $without): array
    {
        return array_values(array_diff(array_map(static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id, $all), $without));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\ConditionZone;

/**
 * What was not done and why, and which conditions that leaves open.
 *
 * @internal
 */
final class Unanswered
{
    /**
     * @return list<string>
     */
    public static function of(Bearings $bearings, EvidenceLibrary $evidence): array
    {
        if ($bearings->examination->route->isBaseline()) {
            return BaselineGaps::of($bearings);
        }
        $lines = [];
        foreach ($bearings->examination->records as $record) {
            if ($record->notDone !== null && $record->side !== $bearings->examination->hurtSide->opposite()) {
                $lines[] = self::leftOut($record, $record->notDone, $bearings, $evidence);
            }
        }
        foreach ($bearings->examination->records as $record) {
            if ($record->notDone !== null && $record->side === $bearings->examination->hurtSide->opposite()) {
                $lines[] = "{$record->manoeuvre->card->name} of the other knee not done "
                    ."({$record->notDone->words()}): no comparison.";
            }
        }
        foreach ($bearings->settled->outOfReach as $manoeuvre) {
            $lines[] = "{$bearings->cardName($manoeuvre)} not done (position not possible).";
        }
        $held = $bearings->holds->byRule();
        if ($held !== []) {
            $count = \count($held);
            $lines[] = "Withheld by the safety check: {$count} ".($count === 1 ? 'manoeuvre' : 'manoeuvres').'.';
        }
        $untested = self::names(array_filter(
            $bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => ! $verdict->tested,
        ));
        if ($untested !== '') {
            $lines[] = "Not tested: {$untested}.";
        }

        return $lines;
    }

    private static function leftOut(
        Record $record,
        NotDone $reason,
        Bearings $bearings,
        EvidenceLibrary $evidence,
    ): string {
        $targets = [];
        foreach ($record->manoeuvre->feeds as $finding) {
            foreach ($evidence->rows($finding) as $row) {
                $targets[$row->target->value] = true;
            }
        }
        $open = self::names(array_filter($bearings->verdicts, static fn (ConditionVerdict $verdict): bool => isset($targets[$verdict->condition->value])
            && \in_array($verdict->zone, [ConditionZone::Untested, ConditionZone::Investigate], true)));
        $name = "{$record->manoeuvre->card->name} not done ({$reason->words()})";

        return $open === '' ? "{$name}." : "{$name}: leaves open {$open}.";
    }

    /**
     * @param  array<int, ConditionVerdict>  $verdicts
     */
    private static function names(array $verdicts): string
    {
        return implode(
            ', ',
            array_map(static fn (ConditionVerdict $verdict): string => $verdict->condition->label(), $verdicts),
        );
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Sentences\Sentence;
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
     * @return list<Sentence>
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
                $lines[] = new Sentence('not_done.other_knee', [
                    'manoeuvre' => $record->manoeuvre->card->name, 'reason' => $record->notDone->words(),
                ]);
            }
        }
        foreach ($bearings->settled->outOfReach as $manoeuvre) {
            $lines[] = new Sentence('not_done.out_of_reach', ['manoeuvre' => $bearings->cardName($manoeuvre)]);
        }
        $held = $bearings->holds->byRule();
        if ($held !== []) {
            $count = \count($held);
            $lines[] = new Sentence($count === 1 ? 'not_done.withheld.one' : 'not_done.withheld', ['count' => $count]);
        }
        $untested = self::names(array_filter(
            $bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => ! $verdict->tested,
        ));
        if ($untested !== []) {
            $lines[] = new Sentence('not_done.conditions', ['conditions' => $untested]);
        }

        return $lines;
    }

    private static function leftOut(
        Record $record,
        NotDone $reason,
        Bearings $bearings,
        EvidenceLibrary $evidence,
    ): Sentence {
        $targets = [];
        foreach ($record->manoeuvre->feeds as $finding) {
            foreach ($evidence->rows($finding) as $row) {
                $targets[$row->target->value] = true;
            }
        }
        $open = self::names(array_filter($bearings->verdicts, static fn (ConditionVerdict $verdict): bool => isset($targets[$verdict->condition->value])
            && \in_array($verdict->zone, [ConditionZone::Untested, ConditionZone::Investigate], true)));

        return new Sentence($open === [] ? 'not_done' : 'not_done.leaves_open', [
            'manoeuvre' => $record->manoeuvre->card->name, 'reason' => $reason->words(), 'conditions' => $open,
        ]);
    }

    /**
     * @param  array<int, ConditionVerdict>  $verdicts
     * @return list<string>
     */
    private static function names(array $verdicts): array
    {
        return array_values(array_map(
            static fn (ConditionVerdict $verdict): string => $verdict->condition->label(),
            $verdicts,
        ));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Results\Contradiction;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Inference\Model\Zone;

/**
 * What is worth saying where today's tests, earlier visits and scans do not agree.
 *
 * @internal
 */
final class PastRemarks
{
    private const MEASURES = ['translationMm', 'openingMm'];

    /**
     * @return list<Remark>
     */
    public static function of(Bearings $bearings): array
    {
        return [
            ...array_map(
                static fn (Contradiction $one): Remark => self::contradiction($one, $bearings),
                $bearings->results->contradictions(),
            ),
            ...array_values(array_filter(array_map(
                static fn (ConditionVerdict $verdict): ?Remark => self::againstScan($verdict, $bearings),
                $bearings->verdicts,
            ))),
        ];
    }

    private static function contradiction(Contradiction $one, Bearings $bearings): Remark
    {
        [$older, $newer] = array_map(
            static fn (SettledResult $result): string => self::said($result, $bearings),
            $one->inOrder(),
        );

        return new Remark(
            'laxity_contradicts',
            ucfirst($bearings->signs->label($one->sign())).": {$older}, {$newer}. Both count: "
                .($bearings->signs->grades($one->sign())?->isCruciate() === false
                    ? 'it may be a healing sprain or guarding.'
                    : 'guarding can hide a torn ligament.'),
        );
    }

    private static function said(SettledResult $result, Bearings $bearings): string
    {
        $examination = $result->visit?->examination() ?? $bearings->examination;
        $record = $result->reading->record;
        $knees = $record === null ? null : Comparison::in($examination, $record->manoeuvre->id);
        $outcome = $result->reading->outcome->value;
        foreach (self::MEASURES as $field) {
            $difference = $knees?->difference($field);
            $outcome = $difference === null ? $outcome : sprintf('%+g mm', $difference);
        }
        $daysAgo = $result->visit?->daysAgo;

        return "{$outcome} ".match (true) {
            $daysAgo === null => 'today',
            $daysAgo === 0 => 'earlier today',
            $daysAgo === 1 => 'yesterday',
            default => "{$daysAgo} days ago",
        };
    }

    /** Hands and scan differ by more than a zone. */
    private static function againstScan(ConditionVerdict $verdict, Bearings $bearings): ?Remark
    {
        $shown = $verdict->isAnswered() ? $verdict->known?->shows($verdict->condition) : null;
        $byHand = $verdict->thresholds->zone($bearings->byHand[$verdict->condition->position()]);
        $by = $verdict->known?->by->label();
        $name = $verdict->condition->label();

        return match (true) {
            $shown === false && $byHand === Zone::Act => new Remark(
                'hands_against_scan',
                "The {$by} shows no {$name}, but the tests by hand make it likely: ask the surgeon which is right.",
            ),
            $shown === true && $byHand === Zone::RuledOut && $verdict->tested => new Remark(
                'scan_against_hands',
                "The {$by} shows a {$name}, but the tests by hand speak against it: an old or partial tear, or guarding?",
            ),
            default => null,
        };
    }
}

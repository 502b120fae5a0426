<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Results\Contradiction;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Sentences\Sentence;
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
            static fn (SettledResult $result): Sentence => self::said($result, $bearings),
            $one->inOrder(),
        );
        $why = $bearings->signs->grades($one->sign())?->isCruciate() === false ? 'healing' : 'guarding';

        return new Remark('laxity_contradicts', new Sentence("remark.laxity_contradicts.{$why}", [
            'sign' => $bearings->signs->label($one->sign()), 'older' => $older, 'newer' => $newer,
        ]));
    }

    private static function said(SettledResult $result, Bearings $bearings): Sentence
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
        $when = match (true) {
            $daysAgo === null => 'today',
            $daysAgo === 0 => 'earlier_today',
            $daysAgo === 1 => 'yesterday',
            default => 'days_ago',
        };

        return new Sentence("outcome.{$when}", ['outcome' => $outcome, 'days' => $daysAgo ?? 0]);
    }

    /** Hands and scan differ by more than a zone. */
    private static function againstScan(ConditionVerdict $verdict, Bearings $bearings): ?Remark
    {
        $shown = $verdict->isAnswered() ? $verdict->known?->shows($verdict->condition) : null;
        $byHand = $verdict->thresholds->zone($bearings->byHand[$verdict->condition->position()]);
        $values = ['by' => $verdict->known?->by->label() ?? '', 'condition' => $verdict->condition->label()];

        return match (true) {
            $shown === false && $byHand === Zone::Act => Remark::of('hands_against_scan', $values),
            $shown === true && $byHand === Zone::RuledOut && $verdict->tested => Remark::of('scan_against_hands', $values),
            default => null,
        };
    }
}

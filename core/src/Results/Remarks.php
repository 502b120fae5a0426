<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Remark;

/**
 * What is worth saying beside the results.
 *
 * @internal
 */
final class Remarks
{
    private const REVERSED = 'rotation_reversed';

    /**
     * @return list<Remark>
     */
    public static function of(KneeExamination $examination, SettledResults $results, EvidenceLibrary $evidence): array
    {
        $seen = new FactSubject(new HurtKnee($examination), $results);

        return array_values(array_filter([
            self::uncheckedSag($seen, $results),
            self::dial($seen),
            self::thinkOfLigament($results),
            self::uncheckedHold($examination),
            self::tickThatMatters($examination),
            self::reversedSchool($examination),
            $evidence->findings() === []
                ? null
                : Remark::of('figures_not_checked'),
        ]));
    }

    private static function uncheckedSag(FactSubject $seen, SettledResults $results): ?Remark
    {
        $forward = array_filter(
            $results->results,
            static fn (SettledResult $result): bool => $result->isPositive()
                && $result->reading->record?->manoeuvre->has(ManoeuvreTrait::ForwardTest) === true,
        );

        return $forward === [] || ! $seen->is(Fact::SagNotLookedFor)
            ? null
            : Remark::of('sag_not_checked');
    }

    private static function dial(FactSubject $seen): ?Remark
    {
        return match (true) {
            $seen->is(Fact::TurnsOutBent) => Remark::of('dial_both'),
            $seen->is(Fact::TurnsOutLessBentAlone) => Remark::of('dial_30_alone'),
            default => null,
        };
    }

    private static function thinkOfLigament(SettledResults $results): ?Remark
    {
        foreach ($results->results as $result) {
            if ($result->exclusion === Exclusion::DistractionHurtsToo) {
                return Remark::of('think_ligament');
            }
        }

        return null;
    }

    /** A check that nobody answered passes, and is said. */
    private static function uncheckedHold(KneeExamination $examination): ?Remark
    {
        $names = [];
        foreach ($examination->records as $record) {
            $open = array_diff($record->unansweredChecks(), ['startedFromNeutral', 'slackTaken']);
            if ($record->side === $examination->hurtSide && $record->notDone === null && $open !== []) {
                $names[] = $record->manoeuvre->card->name;
            }
        }

        return $names === []
            ? null
            : Remark::of('checks_not_ticked', ['manoeuvres' => $names]);
    }

    /** “Normal” takes its checks as passed; the one that could hide a tear should be said. */
    private static function tickThatMatters(KneeExamination $examination): ?Remark
    {
        $names = [];
        foreach ($examination->records as $record) {
            $ticks = $record->manoeuvre->names(ManoeuvreTrait::TickThatMatters);
            if (
                $record->side === $examination->hurtSide
                && $record->normal
                && array_filter($ticks, $record->isTicked(...)) !== $ticks
            ) {
                $names[] = $record->manoeuvre->card->name;
            }
        }

        return $names === []
            ? null
            : Remark::of('tick_not_said', ['manoeuvres' => $names]);
    }

    private static function reversedSchool(KneeExamination $examination): ?Remark
    {
        return $examination->schools->mcmurraySide->judgedBy === self::REVERSED
            && self::wasJudged($examination, JudgeKind::McMurray)
            ? Remark::of('reversed_rotation')
            : null;
    }

    private static function wasJudged(KneeExamination $examination, JudgeKind $kind): bool
    {
        return array_filter($examination->records, static fn (Record $record): bool => $record->notDone === null
            && $record->side === $examination->hurtSide
            && $record->manoeuvre->judgedBy?->kind === $kind) !== [];
    }
}

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
                : new Remark(
                    'figures_not_checked',
                    'The figures in use are a starting set, not yet checked against the papers.',
                ),
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
            : new Remark(
                'sag_not_checked',
                'An anterior test is positive, but the sag was not checked first: a tibia that sags back makes '
                    .'anterior translation look larger.',
            );
    }

    private static function dial(FactSubject $seen): ?Remark
    {
        return match (true) {
            $seen->is(Fact::TurnsOutBent) => new Remark(
                'dial_both',
                'The shin turns out more at 30° and at 90°: the posterolateral corner together with the PCL.',
            ),
            $seen->is(Fact::TurnsOutLessBentAlone) => new Remark(
                'dial_30_alone',
                'The shin turns out more at 30° alone: the posterolateral corner with the PCL holding.',
            ),
            default => null,
        };
    }

    private static function thinkOfLigament(SettledResults $results): ?Remark
    {
        foreach ($results->results as $result) {
            if ($result->exclusion === Exclusion::DistractionHurtsToo) {
                return new Remark(
                    'think_ligament',
                    'Pulling the shin away hurt as much as pressing: think of a ligament.',
                );
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
            : new Remark(
                'checks_not_ticked',
                'Taken as passed, though not ticked: the checks of '.implode(', ', $names).'.',
            );
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
            : new Remark(
                'tick_not_said',
                'Recorded as normal, without saying that the muscles were soft: '.implode(', ', $names).'.',
            );
    }

    private static function reversedSchool(KneeExamination $examination): ?Remark
    {
        return $examination->schools->mcmurraySide->judgedBy === self::REVERSED
            && self::wasJudged($examination, JudgeKind::McMurray)
            ? new Remark(
                'reversed_rotation',
                'McMurray is read by the reversed rotation, the opposite of the usual teaching.',
            )
            : null;
    }

    private static function wasJudged(KneeExamination $examination, JudgeKind $kind): bool
    {
        return array_filter($examination->records, static fn (Record $record): bool => $record->notDone === null
            && $record->side === $examination->hurtSide
            && $record->manoeuvre->judgedBy?->kind === $kind) !== [];
    }
}

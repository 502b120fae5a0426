<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Catalogue\FieldWidget;
use GrayCompass\Core\Catalogue\PainAlone;
use GrayCompass\Core\Examination\Cell;
use GrayCompass\Core\Examination\Facts\ConditionReader;
use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Facts\FactCondition;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Sentences\Sentence;

/**
 * The one place that decides what counts as a finding: with any of these a knee is never sent home as sound. What was
 * not measured is not a finding, and a side that was not looked at counts as normal. data/abnormal.json holds the
 * conditions, limits and sentences.
 *
 * @internal
 *
 * @phpstan-type Data array{
 *     painFrom: int|float, painFromAtTheTouchline: int|float, painMore: int|float,
 *     findings: list<array{id: string, when: array<string, mixed>, found: string}>,
 *     pains: array<string, string>, toldPains: array<string, string>
 * }
 */
final readonly class AbnormalFindings
{
    private const MECHANICAL_FLAGS = ['click', 'locking', 'givesWay'];

    /**
     * @param  list<array{string, FactCondition, string}>  $findings  id, when, and the code of what the athlete reads
     * @param  array<string, string>  $pains  codes of what the athlete reads, by manoeuvre
     * @param  array<string, string>  $toldPains  likewise, by field
     * @param  float  $painFrom  of 10, from which on pain is a finding
     * @param  float  $painMore  at least so much more than in the other knee
     */
    private function __construct(
        private array $findings,
        private array $pains,
        private array $toldPains,
        private float $painFrom,
        private float $painFromAtTheTouchline,
        private float $painMore,
    ) {
    }

    /**
     * @param  Data  $data
     */
    public static function read(array $data): self
    {
        return new self(
            array_map(static fn (array $entry): array => [
                $entry['id'], ConditionReader::read($entry['when']), $entry['found'],
            ], $data['findings']),
            $data['pains'],
            $data['toldPains'],
            (float) $data['painFrom'],
            (float) $data['painFromAtTheTouchline'],
            (float) $data['painMore'],
        );
    }

    /**
     * @param  list<ConditionVerdict>  $verdicts  one for each condition, in their order
     * @return list<AbnormalFinding> each id once
     */
    public function of(KneeExamination $examination, SettledResults $results, array $verdicts): array
    {
        $knee = new HurtKnee($examination);
        $seen = new FactSubject($knee, $results);
        $found = [
            ...$this->positives($results, $verdicts),
            ...$this->fluid($knee),
            ...$this->pain($examination, $results),
        ];
        foreach ($this->findings as [$id, $when, $sentence]) {
            if ($seen->is($when)) {
                $found[] = new AbnormalFinding($id, new Sentence($sentence));
            }
        }
        $once = [];
        foreach ($found as $one) {
            $once[$one->id] ??= $one;
        }

        return array_values($once);
    }

    /**
     * @param  list<ConditionVerdict>  $verdicts
     * @return list<AbnormalFinding>
     */
    private function positives(SettledResults $results, array $verdicts): array
    {
        $found = [];
        foreach ($results->results as $result) {
            $own = $result->isPositive() ? $results->signs->ownTestOf($result->reading->sign) : null;
            if ($own === null) {
                continue;
            }
            $verdict = $verdicts[$own->position()];
            if ($verdict->isWithheld() || $verdict->reachesRuleOut() || ! self::isPainAlone($result, $results)) {
                $found[] = new AbnormalFinding(
                    $result->reading->sign,
                    $results->signs->phrase($result->reading->sign, $result->reading->level),
                );
            }
        }

        return $found;
    }

    private static function isPainAlone(SettledResult $result, SettledResults $results): bool
    {
        $record = $result->reading->record;

        return match ($results->signs->painAlone($result->reading->sign)) {
            null => false,
            PainAlone::Always => true,
            PainAlone::UnlessMechanical => $record === null || ! self::isMechanical($record),
        };
    }

    private static function isMechanical(Record $record): bool
    {
        foreach (self::MECHANICAL_FLAGS as $flag) {
            if ($record->flag($flag) === true) {
                return true;
            }
        }
        foreach ($record->cells as $cell) {
            if ($cell->isMechanical()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return list<AbnormalFinding>
     */
    private function fluid(HurtKnee $knee): array
    {
        $fluid = FluidSigns::in($knee->examination);
        if ($fluid->isPositive()) {
            return [new AbnormalFinding('effusion', new Sentence('found.fluid'))];
        }

        return $fluid->isTrace() && ! $knee->is(Fact::OtherKneeWet)
            ? [new AbnormalFinding('effusion', new Sentence('found.trace'))]
            : [];
    }

    /**
     * @return list<AbnormalFinding>
     */
    private function pain(KneeExamination $examination, SettledResults $results): array
    {
        $from = $examination->isOnTouchline() ? $this->painFromAtTheTouchline : $this->painFrom;
        $found = [];
        $history = $examination->history;
        if ($history->painNow !== null && $history->painNow >= $from) {
            $found[] = new AbnormalFinding('pain_now', new Sentence('found.pain_now', ['of_ten' => $history->painNow]));
        }
        if ($history->painActivity !== null && $history->painActivity >= $from) {
            $found[] = new AbnormalFinding(
                'pain_in_activity', new Sentence('found.pain_in_use', ['of_ten' => $history->painActivity]),
            );
        }
        foreach ($examination->records as $record) {
            if ($record->side !== $examination->hurtSide->opposite() && $record->notDone === null) {
                $found = [...$found, ...$this->painIn($record, $examination, $results, $from)];
            }
        }

        return $found;
    }

    /**
     * @return list<AbnormalFinding>
     */
    private function painIn(Record $record, KneeExamination $examination, SettledResults $results, float $from): array
    {
        $id = $record->manoeuvre->id;
        $other = $record->side === Side::Both ? null : $examination->other($id);
        $here = self::worstPain($record);
        $there = $other === null ? 0.0 : self::worstPain($other);
        $found = $here >= $from && $here - $there >= $this->painMore && isset($this->pains[$id])
            ? [new AbnormalFinding("pain_{$id}", new Sentence($this->pains[$id]))]
            : [];
        foreach ($this->toldPains as $field => $sentence) {
            if ($record->flag($field) === true && self::doesNotCount($record, $results)) {
                $found[] = new AbnormalFinding("pain_{$id}", new Sentence($sentence));
            }
        }

        return $found;
    }

    /** 0 to 10; 0 where none was recorded. */
    private static function worstPain(Record $record): float
    {
        $pains = array_map(static fn (Cell $cell): float => $cell->pain ?? 0.0, $record->cells);
        foreach ($record->manoeuvre->fields as $field) {
            if ($field->widget === FieldWidget::Pain) {
                $pains[] = $record->number($field->name) ?? 0.0;
            }
        }

        return $pains === [] ? 0.0 : \max($pains);
    }

    /** What it gave is excluded or equivocal. */
    private static function doesNotCount(Record $record, SettledResults $results): bool
    {
        foreach ($results->results as $result) {
            if ($result->reading->record === $record && ! $result->counts()) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Examination\EarlierFinding;
use GrayCompass\Core\Examination\KnownResult;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Grading\Values\ComparedWith;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Plan;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Consideration;
use GrayCompass\Core\Verdict\Matters;
use GrayCompass\Inference\Readings\InHundred;

/**
 * The note for the letter, as plain text to paste: why and how soon first, chances last. Limits are working estimates.
 *
 * @internal
 *
 * @phpstan-import-type Value from Sentence
 */
final readonly class LetterNote
{
    /** More than any seriousness: what the gate raised is told first. */
    private const RAISED_FIRST = 10.0;

    /** More than so many questions are not read. */
    private const QUESTIONS = 2;

    private const NEGATIVES = 5;

    public function __construct(private Bearings $bearings, private Plan $plan, private Phrases $phrases)
    {
    }

    /**
     * @return list<NoteLine>
     */
    public function lines(): array
    {
        $episode = $this->bearings->examination->episode;
        $history = new LetterHistory($this->bearings, $this->phrases);
        $recorded = new RecordedWithoutResult($this->bearings);
        $isBaseline = $this->bearings->examination->route->isBaseline();

        return array_values(array_filter([
            ...$this->reason(),
            new NoteLine('knee', $this->heading()),
            $this->line('neurovascular', $history->neurovascular()),
            $this->line('sport', implode('; ', array_filter([$episode->sport, $episode->level]))),
            $this->line('goals', $episode->goals),
            $this->line('what_happened', $episode->whatHappened),
            $this->line('history', $history->story()),
            $this->line('medication', $history->medication()),
            $this->line('operations', $history->operations()),
            $this->line(
                'found_earlier',
                implode('; ', array_map($this->earlier(...), $this->bearings->examination->earlierFindings)),
            ),
            $this->line('known', $this->known()),
            $this->line('positive', $this->results(Outcome::Positive)),
            $this->line('positive_not_counted', $this->uncounted()),
            $this->line('negatives', $this->negatives()),
            $this->measurements(),
            $this->line('fluid', $this->fluid()),
            $this->line('grades', $this->grades()),
            $this->line(
                'also',
                implode(' ', array_map(static fn (Consideration $other): string => $other->why, $this->bearings->also)),
            ),
            $this->line('mcmurray', (new McMurrayNote($this->bearings, $this->phrases))->text()),
            $this->line('recorded', $recorded->text()),
            $this->line('normal', implode(', ', $recorded->normal())),
            $this->line('plan', $this->planGiven()),
            $this->line('not_tested', $isBaseline ? '' : $this->untested()),
            $this->line('missing', $isBaseline ? $this->phrases->paragraph($this->plan->unanswered) : ''),
            $this->line('chances', $this->chances()),
            $this->line('conduct', $history->conduct()),
            new NoteLine('caution', $this->say($isBaseline ? 'caution.baseline' : 'caution')),
        ]));
    }

    /**
     * @return list<NoteLine>
     */
    private function reason(): array
    {
        $asked = [];
        $sent = [];
        $lines = [];
        foreach ($this->plan->sendOn as $referral) {
            $where = ['when' => $referral->within->name(), 'to' => $referral->to->name()];
            $question = $this->phrases->sentence($referral->question);
            $asks = \count($asked) < self::QUESTIONS && ! \in_array($question, $asked, true);
            $isTold = array_filter($sent, $referral->isToTheSame(...)) !== [];
            if ($asks || ! $isTold) {
                $lines[] = new NoteLine('reason', $asks
                    ? $this->say('reason.question', [...$where, 'question' => $question])
                    : $this->say('reason', $where));
            }
            $asked = $asks ? [...$asked, $question] : $asked;
            $sent[] = $referral;
        }

        return $lines;
    }

    private function heading(): string
    {
        $examination = $this->bearings->examination;
        $days = $examination->daysSinceInjury;
        $what = match (true) {
            $examination->route->isBaseline() => 'baseline',
            $examination->dayIsMissing => 'day_missing',
            $days === null => 'without_injury',
            $days === 0 => 'today',
            $days === 1 => 'yesterday',
            default => 'days',
        };

        return $this->say("knee.{$what}".($examination->ageYears === null ? '' : '.age'), [
            'side' => $examination->hurtSide->value, 'days' => $days ?? 0, 'age' => $examination->ageYears ?? 0,
        ]);
    }

    /** The heading says which knee stands first in the figures. */
    private function measurements(): ?NoteLine
    {
        $examination = $this->bearings->examination;
        $figures = implode('; ', array_map($this->measured(...), $this->bearings->grading->measurements));

        return $figures === '' ? null : new NoteLine('measured', $this->say(
            $examination->route->isBaseline() ? 'measured.baseline' : 'measured',
            [
                'words' => $figures, 'first' => $examination->hurtSide->value,
                'second' => $examination->hurtSide->opposite()->value,
            ],
        ));
    }

    private function earlier(EarlierFinding $earlier): string
    {
        $by = ($earlier->by === '' ? '' : '.by').($earlier->on === '' ? '' : '.on');

        return $this->words("found_by_others{$by}", ['what' => $earlier->what, 'by' => $earlier->by, 'on' => $earlier->on]);
    }

    /** A line under its heading; null where there is nothing to write. */
    private function line(string $code, string $words): ?NoteLine
    {
        return $words === '' ? null : new NoteLine($code, $this->say($code, ['words' => $words]));
    }

    /**
     * @param  array<string, Value>  $values
     */
    private function say(string $code, array $values = []): string
    {
        return $this->phrases->sentence(new Sentence("note.{$code}", $values));
    }

    /**
     * @param  array<string, Value>  $values
     */
    private function words(string $code, array $values = []): string
    {
        return $this->phrases->words(new Sentence("note.{$code}", $values));
    }

    private function results(Outcome $sign): string
    {
        $found = array_filter(
            $this->bearings->results->results,
            static fn (SettledResult $result): bool => $result->isHandsOn() && $result->counts()
                && $result->reading->outcome === $sign,
        );

        return implode(', ', array_map(
            fn (SettledResult $result): string => $this->bearings->signs->label($result->reading->sign)
                .self::inBrackets($result->reading->level?->value, $this->day($result)),
            $found,
        ));
    }

    private static function inBrackets(?string ...$parts): string
    {
        $said = array_filter($parts, static fn (?string $part): bool => $part !== null);

        return $said === [] ? '' : ' ('.implode(', ', $said).')';
    }

    /** The day of an earlier visit; null for today's. */
    private function day(SettledResult $result): ?string
    {
        return $result->visit === null ? null : $this->words('on', ['day' => $result->visit->on]);
    }

    /** What scans, arthroscopy and operations showed, newest first. */
    private function known(): string
    {
        return implode('; ', array_map(function (KnownResult $known): string {
            $shown = array_values(array_filter(array_map(fn (Condition $condition): ?string => match ($known->shows($condition)) {
                true => $condition->label(),
                false => $this->words('known.absent', ['condition' => $condition->label()]),
                null => null,
            }, Condition::cases())));
            $said = [...($shown === [] ? [$this->words('known.nothing')] : $shown), ...($known->grade === '' ? [] : [$known->grade])];

            return $this->say($known->treated === Treatment::None ? 'known.look' : 'known.treated', [
                'by' => $known->by->label(), 'day' => $known->on, 'shown' => $said, 'treated' => $known->treated->value,
            ]);
        }, $this->bearings->examination->known->all));
    }

    private function uncounted(): string
    {
        $found = array_filter(
            $this->bearings->results->results,
            static fn (SettledResult $result): bool => $result->isHandsOn() && $result->exclusion !== null
                && $result->reading->outcome === Outcome::Positive,
        );

        return implode(
            '; ',
            array_map(
                fn (SettledResult $result): string => $this->words('not_valid', [
                    'sign' => $this->bearings->signs->label($result->reading->sign),
                    'reason' => $result->exclusion === null ? '' : $this->phrases->sentence($result->exclusion->reason()),
                ]),
                $found,
            ),
        );
    }

    /** Own tests of what the story raised or what a miss would cost. */
    private function negatives(): string
    {
        $found = array_filter($this->bearings->results->results, function (SettledResult $result): bool {
            $own = $this->bearings->signs->ownTestOf($result->reading->sign);

            return $result->isNegative()
                && $own !== null
                && ($this->bearings->of($own)->raised || $this->bearings->of($own)->seriousness >= 2);
        });

        $weight = fn (SettledResult $result): float => $this->seriousness($result);
        usort($found, static fn (SettledResult $a, SettledResult $b): int => $weight($b) <=> $weight($a));

        return implode(', ', array_map(
            fn (SettledResult $result): string => $this->bearings->signs->label($result->reading->sign)
                .self::inBrackets($this->day($result)),
            \array_slice($found, 0, self::NEGATIVES),
        ));
    }

    /** Of the condition that a result is an own test of; more where the story raised it. */
    private function seriousness(SettledResult $result): float
    {
        $own = $this->bearings->signs->ownTestOf($result->reading->sign);
        $verdict = $own === null ? null : $this->bearings->of($own);

        return $verdict === null ? 0.0 : $verdict->seriousness + ($verdict->raised ? self::RAISED_FIRST : 0.0);
    }

    private function measured(Measurement $measurement): string
    {
        $figure = static fn (?float $value): string => $value === null ? '–' : (string) round($value, 1);
        $name = $this->bearings->catalogue->get($measurement->manoeuvre)->card->name;
        $struck = $this->bearings->results->isStruck($measurement->manoeuvre);
        $isGraded = $measurement->grade !== null && ! $measurement->provisional && ! $struck;
        $flaw = $this->bearings->results->flawOf($measurement->manoeuvre);
        $isOwnBaseline = $measurement->comparedWith === ComparedWith::Baseline;
        $what = match (true) {
            $measurement->estimate => 'by_feel',
            $measurement->hurt === null && $measurement->other === null => 'name',
            default => 'figures',
        };
        $unsure = match (true) {
            $flaw !== null => $this->words('measured.not_valid', [
                'reason' => lcfirst(rtrim($this->phrases->sentence($flaw->reason()), '.')),
            ]),
            $measurement->provisional => $this->words('measured.not_graded'),
            default => null,
        };

        return implode(', ', array_filter([
            $this->words("measured.{$what}".($isOwnBaseline ? '.own_baseline' : ''), [
                'manoeuvre' => $name, 'hurt' => $figure($measurement->hurt), 'other' => $figure($measurement->other),
                'unit' => $measurement->unit,
            ]),
            $isGraded ? $this->words('measured.grade', ['grade' => $measurement->grade]) : null,
            $unsure,
        ]));
    }

    private function fluid(): string
    {
        $effusion = $this->bearings->grading->effusion;
        if ($effusion === null) {
            return $this->bearings->bloodLikely() ? $this->words('effusion.not_examined') : '';
        }
        [$from, $to] = $effusion->millilitres ?? [null, null];

        return implode(', ', array_filter([
            $effusion->outcome->value,
            $from === null ? null : $this->words($to === null ? 'effusion.or_more' : 'effusion.between', ['from' => $from, 'to' => $to ?? 0]),
            $this->bearings->bloodLikely() ? $this->words('effusion.blood') : null,
        ]));
    }

    private function grades(): string
    {
        $graded = array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => $verdict->grade !== null,
        );

        return implode(
            ', ',
            array_map(
                static fn (ConditionVerdict $verdict): string => strtoupper(
                    $verdict->condition->value,
                )." {$verdict->grade}",
                $graded,
            ),
        );
    }

    private function planGiven(): string
    {
        $plan = $this->plan;
        $range = $plan->support->range?->name();
        $support = match (true) {
            $plan->support->type === SupportType::None => '',
            $range === null => $plan->support->type->words(),
            default => $this->words('support', ['type' => $plan->support->type->words(), 'range' => $range]),
        };

        return implode('; ', array_filter([
            $support,
            $plan->support->crutches ? $this->words('crutches') : '',
            $plan->lookAgain === null ? '' : $this->phrases->paragraph($plan->lookAgain->why),
        ]));
    }

    private function untested(): string
    {
        $open = array_filter(
            $this->bearings->verdicts,
            static fn (ConditionVerdict $verdict): bool => ! $verdict->tested,
        );

        return implode(
            ', ',
            array_map(static fn (ConditionVerdict $verdict): string => $verdict->condition->label(), $open),
        );
    }

    private function chances(): string
    {
        $counted = array_filter(
            Matters::named($this->bearings),
            static fn (ConditionVerdict $verdict): bool => ! $verdict->isConfirmed(),
        );

        return implode('; ', array_map(fn (ConditionVerdict $verdict): string => $this->words(
            $verdict->unsettled ? 'chance.inconclusive' : 'chance',
            [
                'condition' => $verdict->condition->label(),
                'pretest' => InHundred::of($verdict->chance->pretest),
                'posttest' => InHundred::of($verdict->chance->posttest),
                'interval' => InHundred::range($verdict->chance->interval),
            ],
        ), $counted));
    }
}

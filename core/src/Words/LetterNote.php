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
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Consideration;
use GrayCompass\Core\Verdict\Matters;
use GrayCompass\Inference\Readings\InHundred;

/**
 * The note for the letter, as plain text to paste: why and how soon first, chances last. Limits are working estimates.
 *
 * @internal
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
        $history = new LetterHistory($this->bearings);
        $recorded = new RecordedWithoutResult($this->bearings);
        $isBaseline = $this->bearings->examination->route->isBaseline();

        return array_values(array_filter([
            ...$this->reason(),
            new NoteLine('knee', $this->heading()),
            NoteLine::under('neurovascular', 'Pulse, sensation, ankle lift', $history->neurovascular()),
            NoteLine::under('sport', 'Sport', implode('; ', array_filter([$episode->sport, $episode->level]))),
            NoteLine::under('goals', 'Goal', $episode->goals),
            NoteLine::under('what_happened', 'What happened', $episode->whatHappened),
            NoteLine::under('history', 'History', $history->story()),
            NoteLine::under('medication', 'Medication', $history->medication()),
            NoteLine::under('operations', 'Surgery, injections, aspirations', $history->operations()),
            NoteLine::under(
                'found_earlier',
                'Found earlier by others',
                implode('; ', array_map(self::earlier(...), $this->bearings->examination->earlierFindings)),
            ),
            NoteLine::under('known', 'Scans and operations', $this->known()),
            NoteLine::under('positive', 'Positive', $this->results(Outcome::Positive)),
            NoteLine::under('positive_not_counted', 'Positive, not valid', $this->uncounted()),
            NoteLine::under('negatives', 'Important negatives', $this->negatives()),
            NoteLine::under(
                'measured',
                $this->measuredHow(),
                implode('; ', array_map($this->measured(...), $this->bearings->grading->measurements)),
            ),
            NoteLine::under('fluid', 'Effusion', $this->fluid()),
            NoteLine::under('grades', 'Grades', $this->grades()),
            NoteLine::under(
                'also',
                'Also',
                implode(' ', array_map(static fn (Consideration $other): string => $other->why, $this->bearings->also)),
            ),
            NoteLine::under('mcmurray', 'In the McMurray', (new McMurrayNote($this->bearings))->text()),
            NoteLine::under('recorded', 'Also recorded', $recorded->text()),
            NoteLine::under('normal', 'Examined and normal', implode(', ', $recorded->normal())),
            NoteLine::under('plan', 'Plan given', $this->planGiven()),
            NoteLine::under('not_tested', 'Not tested', $isBaseline ? '' : $this->untested()),
            NoteLine::under('missing', 'Missing', $isBaseline ? implode(' ', $this->plan->unanswered) : ''),
            NoteLine::under('chances', 'Probability out of 100, pre-test → post-test (95 % interval)', $this->chances()),
            NoteLine::under('conduct', 'Before the examination', $history->conduct()),
            new NoteLine('caution', $isBaseline
                ? 'A baseline gives no probabilities; later examinations of the same knees are compared with it.'
                : 'Probabilities combine base rates with published test accuracy (starting figures, not yet checked '
                    .'against the papers); they are not a diagnosis, and local rules come first.'),
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
            $where = ucfirst("{$referral->within->words()}, to {$this->phrases->words($referral->to->name())}.");
            $question = ucfirst($referral->question);
            $asks = \count($asked) < self::QUESTIONS && ! \in_array($question, $asked, true);
            $isTold = array_filter($sent, $referral->isToTheSame(...)) !== [];
            if ($asks || ! $isTold) {
                $lines[] = new NoteLine('reason', $asks ? "{$where} Question: {$question}" : $where);
            }
            $asked = $asks ? [...$asked, $question] : $asked;
            $sent[] = $referral;
        }

        return $lines;
    }

    private function heading(): string
    {
        $examination = $this->bearings->examination;
        $onset = $examination->dayIsMissing || $examination->daysSinceInjury === null
            ? ($examination->dayIsMissing ? 'day of the injury not given' : 'came on without an injury')
            : match ($examination->daysSinceInjury) {
                0 => 'hurt today',
                1 => '1 day after injury',
                default => "{$examination->daysSinceInjury} days after injury",
            };
        $age = $examination->ageYears === null ? '' : ", age {$examination->ageYears}";

        return $examination->route->isBaseline()
            ? "Baseline of both knees, without an injury{$age}."
            : ucfirst($examination->hurtSide->value)." knee, {$onset}{$age}.";
    }

    /** Which knee stands first in the figures. */
    private function measuredHow(): string
    {
        $examination = $this->bearings->examination;
        $first = $examination->hurtSide;

        return $examination->route->isBaseline()
            ? "Measured ({$first->value} / {$first->opposite()->value})"
            : 'Measured (hurt / other)';
    }

    private static function earlier(EarlierFinding $earlier): string
    {
        return $earlier->what.implode(
            '',
            array_map(static fn (string $part): string => " ({$part})", array_filter([$earlier->by, $earlier->on])),
        );
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
                .self::inBrackets($result->reading->level?->value, self::day($result)),
            $found,
        ));
    }

    private static function inBrackets(?string ...$parts): string
    {
        $said = array_filter($parts, static fn (?string $part): bool => $part !== null);

        return $said === [] ? '' : ' ('.implode(', ', $said).')';
    }

    /** The day of an earlier visit; null for today's. */
    private static function day(SettledResult $result): ?string
    {
        return $result->visit === null ? null : "on {$result->visit->on->format('j M Y')}";
    }

    /** What scans, arthroscopy and operations showed, newest first. */
    private function known(): string
    {
        return implode('; ', array_map(static function (KnownResult $known): string {
            $shown = array_filter(array_map(static fn (Condition $condition): ?string => match ($known->shows($condition)) {
                true => $condition->label(),
                false => "no {$condition->label()}",
                null => null,
            }, Condition::cases()));
            $treated = $known->treated === Treatment::None ? '' : " ({$known->treated->value})";
            $grade = $known->grade === '' ? '' : ", {$known->grade}";

            return ucfirst($known->by->label())." {$known->on->format('j M Y')}: "
                .($shown === [] ? 'no result entered' : implode(', ', $shown))."{$grade}{$treated}";
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
                fn (SettledResult $result): string => "{$this->bearings->signs->label($result->reading->sign)} "
                    ."({$result->exclusion?->reason()})",
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
                .self::inBrackets(self::day($result)),
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
        $grade = $measurement->grade === null || $measurement->provisional || $struck
            ? ''
            : ", grade {$measurement->grade}";
        $flaw = $this->bearings->results->flawOf($measurement->manoeuvre);
        $unsure = match (true) {
            $flaw !== null => ', not valid: '.lcfirst(rtrim($flaw->reason(), '.')),
            $measurement->provisional => ', not graded',
            default => '',
        };
        $figures = match (true) {
            $measurement->estimate => ' by feel',
            $measurement->hurt === null && $measurement->other === null => '',
            default => " {$figure($measurement->hurt)} / {$figure($measurement->other)} {$measurement->unit}",
        };

        $with = $measurement->comparedWith === ComparedWith::Baseline ? ' (the latter its own baseline)' : '';

        return "{$name}{$figures}{$with}{$grade}{$unsure}";
    }

    private function fluid(): string
    {
        $effusion = $this->bearings->grading->effusion;
        if ($effusion === null) {
            return $this->bearings->bloodLikely() ? 'not examined, blood likely' : '';
        }
        [$from, $to] = $effusion->millilitres ?? [null, null];
        $amount = $from === null ? '' : ', '.($to === null ? "{$from} ml or more" : "{$from}–{$to} ml");

        return $effusion->outcome->value.$amount.($this->bearings->bloodLikely() ? ', blood likely' : '');
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
        $support = $plan->support->type->value === 'none'
            ? ''
            : $plan->support->type->words().($plan->support->range === null ? '' : " ({$this->phrases->words($plan->support->range->name())})");

        return implode('; ', array_filter([
            $support,
            $plan->support->crutches ? 'crutches' : '',
            $plan->lookAgain === null ? '' : $plan->lookAgain->why,
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

        return implode('; ', array_map(static fn (ConditionVerdict $verdict): string => sprintf(
            '%s %s → %s (%s)%s',
            $verdict->condition->label(),
            InHundred::of($verdict->chance->pretest),
            InHundred::of($verdict->chance->posttest),
            InHundred::range($verdict->chance->interval),
            $verdict->unsettled ? ', inconclusive' : '',
        ), $counted));
    }
}

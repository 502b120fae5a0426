<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Mechanism;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Findings\SwellingOnset;
use GrayCompass\Core\Grading\Measurement;
use GrayCompass\Core\Grading\Sign;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Standing\StandingResult;
use GrayCompass\Core\Weighing\InHundred;

/** The note for the letter, as plain text to paste: mechanism, findings, grades, chances, question. */
final class LetterNote
{
    public function __construct(private readonly Bearings $bearings, private readonly Plan $plan)
    {
    }

    public function text(): string
    {
        $schools = $this->bearings->examination->schools;

        return implode("\n", array_filter([
            $this->heading(),
            self::line('Story', $this->story()),
            self::line('Safety', implode(' ', array_map(static fn (SafetyLine $line): string => $line->say, $this->bearings->gate->lines))),
            self::line('Positive', $this->results(Sign::Positive)),
            self::line('Negative', $this->results(Sign::Negative)),
            self::line('Measured (hurt / other)', implode('; ', array_map(self::measured(...), $this->bearings->grading->measurements))),
            self::line('Fluid', $this->fluid()),
            self::line('Grades', $this->grades()),
            self::line('Chance in 100, before → after (95 % interval)', $this->chances()),
            self::line('Did not count', $this->excluded()),
            self::line('Not answered', implode(' ', $this->plan->unanswered)),
            self::line('Question', $this->question()),
            'Judged by: '.self::finding("laxity {$schools->laxity->value}, collateral {$schools->collateral->value}, effusion {$schools->effusion->value}, McMurray {$schools->mcmurraySide->value}, evidence {$schools->evidence->value}").' (starting figures).',
            'These are chances, not a diagnosis; local rules and clinical judgement come first.',
        ], static fn (string $line): bool => $line !== ''));
    }

    private function heading(): string
    {
        $examination = $this->bearings->examination;
        $onset = $examination->daysSinceInjury === null ? 'came on without an injury' : "{$examination->daysSinceInjury} ".($examination->daysSinceInjury === 1 ? 'day' : 'days').' after injury';
        $age = $examination->ageYears === null ? '' : ", age {$examination->ageYears}";

        return ucfirst(PlainWords::side($examination->hurtSide))." knee, {$onset}{$age}.";
    }

    private function story(): string
    {
        $history = $this->bearings->examination->history;
        $told = array_map(static fn (Mechanism $mechanism): string => $mechanism->words(), $history->mechanism ?? []);
        foreach (StoryItem::cases() as $item) {
            if ($history->answer($item) !== null) {
                $told[] = ($history->said($item) ? '' : 'no ').$item->words();
            }
        }
        $told[] = match ($history->swellingOnset) {
            SwellingOnset::WithinTwoHours => 'swelling within 2 hours',
            SwellingOnset::WithinADay => 'swelling within 24 hours',
            SwellingOnset::None => 'no swelling',
            null => '',
        };

        return implode(', ', array_filter($told, static fn (string $words): bool => $words !== ''));
    }

    private function results(Sign $sign): string
    {
        $found = array_filter($this->bearings->standing->results, static fn (StandingResult $result): bool => $result->isHandsOn() && $result->counts() && $result->reading->sign === $sign);

        return implode(', ', array_map(static fn (StandingResult $result): string => self::finding($result->reading->finding), $found));
    }

    private static function measured(Measurement $measurement): string
    {
        $figure = static fn (?float $value): string => $value === null ? '–' : (string) round($value, 1);
        $grade = $measurement->grade === null ? '' : ", grade {$measurement->grade}";
        $unsure = $measurement->provisional ? ', provisional' : '';
        $figures = $measurement->estimate ? 'by feel' : "{$figure($measurement->hurt)} / {$figure($measurement->other)} {$measurement->unit}";

        return self::finding($measurement->manoeuvre)." {$figures}{$grade}{$unsure}";
    }

    private function fluid(): string
    {
        $effusion = $this->bearings->grading->effusion;
        if ($effusion === null) {
            return '';
        }
        [$from, $to] = $effusion->millilitres ?? [null, null];
        $amount = $from === null ? '' : ', '.($to === null ? "{$from} ml or more" : "{$from}–{$to} ml");

        return $effusion->sign->value.$amount.($effusion->bloodLikely ? ', blood likely' : '');
    }

    private function grades(): string
    {
        $graded = array_filter($this->bearings->verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->grade !== null);

        return implode(', ', array_map(static fn (ConditionVerdict $verdict): string => strtoupper($verdict->condition->value)." {$verdict->grade}", $graded));
    }

    private function chances(): string
    {
        return implode('; ', array_map(static fn (ConditionVerdict $verdict): string => sprintf(
            '%s %s → %s (%s to %s), %s',
            $verdict->condition->label(),
            InHundred::of($verdict->chance->pretest),
            InHundred::of($verdict->chance->posttest),
            InHundred::of($verdict->chance->interval[0]),
            InHundred::of($verdict->chance->interval[1]),
            str_replace('_', ' ', $verdict->zone->value).($verdict->unsettled ? ', unsettled' : ''),
        ), $this->bearings->verdicts));
    }

    private function excluded(): string
    {
        $lines = [];
        foreach ($this->bearings->standing->results as $result) {
            if ($result->exclusion !== null) {
                $lines[] = self::finding($result->reading->finding)." {$result->reading->sign->value} ({$result->exclusion->reason()})";
            }
        }

        return implode('; ', $lines);
    }

    private function question(): string
    {
        $likely = array_filter($this->bearings->verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->zone === ConditionZone::Act);
        $asked = $likely === []
            ? array_filter($this->bearings->verdicts, static fn (ConditionVerdict $verdict): bool => $verdict->tested && $verdict->zone === ConditionZone::Investigate)
            : $likely;
        if ($asked === []) {
            return '';
        }
        $names = implode(', ', array_map(static fn (ConditionVerdict $verdict): string => $verdict->condition->withArticle(), $asked));

        return ($likely === [] ? 'please help to settle ' : 'please confirm or exclude ').$names.'.';
    }

    private static function finding(string $id): string
    {
        return str_replace('_', ' ', $id);
    }

    private static function line(string $head, string $text): string
    {
        return $text === '' ? '' : "{$head}: {$text}";
    }
}

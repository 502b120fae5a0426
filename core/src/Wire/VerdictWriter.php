<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Examination\KnownResult;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Route\Suggestion;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Verdict\AbnormalFinding;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Consideration;
use GrayCompass\Core\Verdict\FrontGate;
use GrayCompass\Core\Verdict\MistakenReading;
use GrayCompass\Inference\Readings\Picture;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Wire\WeighedWriter;

/** What is held likely, and what follows from it, as parts of the document. */
final class VerdictWriter
{
    /**
     * @return list<array<string, mixed>>
     */
    public static function conditions(Bearings $bearings): array
    {
        return array_map(self::condition(...), $bearings->verdicts);
    }

    /**
     * What scans, arthroscopy and operations have shown of this knee, newest first.
     *
     * @return list<array<string, mixed>>
     */
    public static function allKnown(Bearings $bearings): array
    {
        return array_map(static fn (KnownResult $known): array => [
            'by' => $known->by->value,
            'on' => $known->on->format('Y-m-d'),
            'before' => $known->before,
            'treated' => $known->treated->value,
            'weighed' => $known->by->finding() !== null,
            'results' => array_map(
                static fn (string $condition, bool $present): array => ['condition' => $condition, 'present' => $present],
                array_keys($known->results),
                array_values($known->results),
            ),
        ], $bearings->examination->known->all);
    }

    /**
     * @return list<array<string, mixed>>
     */
    public static function patterns(Assessment $assessment): array
    {
        return array_map(static fn (Picture $picture): array => [
            'present' => array_map(static fn (int $k): string => Condition::cases()[$k]->value, $picture->present),
            'probability' => $picture->probability,
        ], $assessment->weighed->pictures);
    }

    /**
     * @return list<array<string, mixed>>
     */
    public static function trace(Assessment $assessment): array
    {
        return array_map(static fn (Step $step): array => self::step($step, $assessment), $assessment->trail);
    }

    /**
     * @return array<string, mixed>
     */
    public static function frontGate(FrontGate $front): array
    {
        return [
            'story' => $front->story->value,
            'structural' => $front->structural->value,
            'compression' => $front->compression->value,
            'loaded' => $front->loaded->value,
            'supported' => $front->supported(),
        ];
    }

    /**
     * @return list<array{id: string, found: string}>
     */
    public static function abnormal(Assessment $assessment): array
    {
        return array_map(static fn (AbnormalFinding $one): array => [
            'id' => $one->id,
            'found' => $one->found === null ? '' : $assessment->words->phrases->sentence($one->found),
        ], $assessment->bearings->abnormal);
    }

    /**
     * @return list<array{id: string, why: string}>
     */
    public static function alsoConsider(Bearings $bearings): array
    {
        return array_map(
            static fn (Consideration $other): array => ['id' => $other->id, 'why' => $other->why],
            $bearings->also,
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    public static function nextTests(Assessment $assessment): array
    {
        return array_map(
            static fn (Suggestion $one): array => self::suggestion($one, $assessment->words->phrases),
            $assessment->nextTests,
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    public static function answers(Assessment $assessment): array
    {
        return array_map(static fn (MistakenReading $answer): array => [
            'condition' => $answer->condition,
            'finding' => $answer->finding,
            'mistake' => $assessment->words->phrases->sentence($answer->mistake),
            'answer' => $assessment->words->phrases->sentence($answer->answer),
        ], $assessment->answers);
    }

    /**
     * @return list<array{code: string, say: string}>
     */
    public static function remarks(Assessment $assessment): array
    {
        return array_map(
            static fn (Remark $remark): array => ['code' => $remark->code, 'say' => $assessment->words->phrases->sentence($remark->say)],
            $assessment->remarks,
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function condition(ConditionVerdict $verdict): array
    {
        return [
            'id' => $verdict->condition->value,
            'pretest' => $verdict->chance->pretest,
            'afterStory' => $verdict->afterStory,
            'posttest' => $verdict->chance->posttest,
            'interval' => $verdict->chance->interval,
            'textbook' => $verdict->chance->textbook,
            'strongest' => $verdict->chance->strongest,
            'zone' => $verdict->zone->value,
            'tellsChance' => $verdict->zone->tellsChance(),
            'bare' => $verdict->chance->zone->value,
            'tested' => $verdict->tested,
            'further' => $verdict->chance->further->value,
            'unsettled' => $verdict->unsettled,
            'raised' => $verdict->raised,
            'seriousness' => $verdict->seriousness,
            'grade' => $verdict->grade,
            'known' => $verdict->known === null ? null : self::known($verdict->known, $verdict->condition),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function known(KnownResult $known, Condition $condition): array
    {
        return [
            'by' => $known->by->value,
            'on' => $known->on->format('Y-m-d'),
            'present' => $known->shows($condition) === true,
            'before' => $known->before,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function step(Step $step, Assessment $assessment): array
    {
        $condition = Condition::cases()[$step->condition];
        $finding = $step->result->finding->id;
        $row = $assessment->figures->row($finding, $condition);

        return [
            'condition' => $condition->value,
            ...WeighedWriter::step($step),
            'level' => $assessment->bearings->results->weighed($finding)?->reading->level?->value,
            'grade' => $row?->quality->value,
            'source' => $row?->source,
            'checked' => $row?->checked,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function suggestion(Suggestion $suggestion, Phrases $words): array
    {
        return [
            'finding' => $suggestion->sign,
            'manoeuvre' => $suggestion->manoeuvre,
            'chancePositive' => $suggestion->test?->chancePositive,
            'value' => $suggestion->test?->value,
            'bits' => $suggestion->test?->bits,
            'valuePerMinute' => $suggestion->test?->valuePerMinute(),
            'why' => $words->words($suggestion->why),
        ];
    }
}

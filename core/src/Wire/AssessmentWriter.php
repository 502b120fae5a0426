<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Examination\EarlierFinding;
use GrayCompass\Core\Grading\Values\McMurrayReading;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Grading\Values\Remark;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Route\Suggestion;
use GrayCompass\Core\Verdict\AbnormalFinding;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\CollateralReading;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Core\Verdict\Consideration;
use GrayCompass\Core\Verdict\MistakenReading;
use GrayCompass\Inference\Readings\Picture;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Wire\ProblemWriter;
use GrayCompass\Inference\Wire\WeighedWriter;

/** An assessment as the document that crosses the wire. */
final class AssessmentWriter
{
    public const FORMAT = 'gray-compass/assessment';

    public const VERSION = 1;

    /**
     * @return array<string, mixed>
     */
    public static function write(Assessment $assessment): array
    {
        $bearings = $assessment->bearings;
        $effusion = $bearings->grading->effusion;
        $front = $bearings->front;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'rules' => Assessment::RULES,
            'evidence' => ['set' => $assessment->evidence->choice->value, 'digest' => $assessment->digest],
            'phase' => $assessment->evidence->phase->value,
            'setting' => $bearings->examination->setting->value,
            'safety' => SafetyWriter::write($bearings),
            'measurements' => array_map(
                static fn (Measurement $measurement): array => self::measurement($measurement, $assessment),
                $bearings->grading->measurements,
            ),
            'effusion' => $effusion === null ? null : [
                'grade' => $effusion->grade,
                'positive' => $effusion->outcome->value === 'positive',
                'millilitres' => $effusion->millilitres,
                'bloodLikely' => $effusion->bloodLikely,
            ],
            'results' => array_map(
                static fn (SettledResult $result): array => self::result($result, $bearings),
                $bearings->results->results,
            ),
            'excluded' => self::excluded($assessment),
            'conditions' => array_map(self::condition(...), $bearings->verdicts),
            'patterns' => array_map(static fn (Picture $picture): array => [
                'present' => array_map(static fn (int $k): string => Condition::cases()[$k]->value, $picture->present),
                'probability' => $picture->probability,
            ], $assessment->weighed->pictures),
            'trace' => array_map(static fn (Step $step): array => self::step($step, $assessment), $assessment->trail),
            'mcmurrayReadings' => $bearings->grading->mcmurrayReadings === null
                ? null
                : array_map(static fn (McMurrayReading $reading): array => [
                    'school' => $reading->school->id,
                    'medial' => $reading->medial?->value,
                    'lateral' => $reading->lateral?->value,
                ], $bearings->grading->mcmurrayReadings),
            'collateralReading' => self::collaterals($assessment),
            'frontGate' => [
                'story' => $front->story->value,
                'structural' => $front->structural->value,
                'compression' => $front->compression->value,
                'loaded' => $front->loaded->value,
                'supported' => $front->supported(),
            ],
            'abnormal' => array_map(
                static fn (AbnormalFinding $one): array => ['id' => $one->id, 'found' => $one->found],
                $bearings->abnormal,
            ),
            'alsoConsider' => array_map(
                static fn (Consideration $other): array => ['id' => $other->id, 'why' => $other->why],
                $bearings->also,
            ),
            'route' => PlanWriter::route($assessment),
            'nextTests' => array_map(self::suggestion(...), $assessment->nextTests),
            'nothingChanges' => $assessment->nothingChanges(),
            'earlierFinding' => array_map(
                static fn (EarlierFinding $earlier): array => get_object_vars($earlier),
                $bearings->examination->earlierFindings,
            ),
            'plan' => PlanWriter::plan($assessment),
            'answers' => array_map(static fn (MistakenReading $answer): array => [
                'condition' => $answer->condition,
                'finding' => $answer->finding,
                'mistake' => $answer->mistake,
                'answer' => $answer->answer,
            ], $assessment->answers),
            'remarks' => array_map(
                static fn (Remark $remark): array => ['code' => $remark->code, 'say' => $remark->say],
                $assessment->remarks,
            ),
            'weighing' => ProblemWriter::write($assessment->weighed->problem),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function measurement(Measurement $measurement, Assessment $assessment): array
    {
        return [
            'manoeuvre' => $measurement->manoeuvre,
            'unit' => $measurement->unit,
            'hurt' => $measurement->hurt,
            'other' => $measurement->other,
            'comparedWith' => $measurement->comparedWith?->value,
            'difference' => $measurement->difference,
            'grade' => $measurement->grade,
            'provisional' => $measurement->provisional,
            'estimate' => $measurement->estimate,
            'school' => $measurement->school,
            'level' => $measurement->level?->value,
            'counts' => ! $assessment->bearings->results->isStruck($measurement->manoeuvre),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function result(SettledResult $result, Bearings $bearings): array
    {
        $record = $result->reading->record;
        $hold = $record === null ? null : $bearings->holds->against($record);

        return [
            'finding' => $result->reading->sign,
            'manoeuvre' => $result->reading->manoeuvre(),
            'outcome' => $result->reading->outcome->value,
            'counts' => $result->counts(),
            'level' => $result->reading->level?->value,
            'overridden' => $hold !== null && $record->override !== null,
            'againstRule' => $hold?->name(),
        ];
    }

    /**
     * @return list<array<string, string>>
     */
    private static function excluded(Assessment $assessment): array
    {
        $excluded = [];
        foreach ($assessment->bearings->results->results as $result) {
            if ($result->exclusion !== null) {
                $excluded[] = [
                    'finding' => $result->reading->sign,
                    'manoeuvre' => $result->reading->manoeuvre(),
                    'outcome' => $result->reading->outcome->value,
                    'code' => $result->exclusion->value,
                    'reason' => $result->exclusion->reason(),
                ];
            }
        }

        return $excluded;
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
            'bare' => $verdict->chance->zone->value,
            'tested' => $verdict->tested,
            'further' => $verdict->chance->further->value,
            'unsettled' => $verdict->unsettled,
            'raised' => $verdict->raised,
            'seriousness' => $verdict->seriousness,
            'grade' => $verdict->grade,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function step(Step $step, Assessment $assessment): array
    {
        $condition = Condition::cases()[$step->condition];
        $row = $assessment->evidence->row($step->result->finding->id, $condition);

        return [
            'condition' => $condition->value,
            ...WeighedWriter::step($step),
            'level' => $assessment->bearings->results->result($step->result->finding->id)?->reading->level?->value,
            'grade' => $row?->quality->value,
            'source' => $row?->source,
            'checked' => $row?->checked,
        ];
    }

    /**
     * @return list<array<string, string>>
     */
    private static function collaterals(Assessment $assessment): array
    {
        $readings = [];
        foreach (['inner' => $assessment->medial, 'outer' => $assessment->lateral] as $side => $reading) {
            if ($reading instanceof CollateralReading) {
                $readings[] = ['side' => $side, 'reading' => $reading->value];
            }
        }

        return $readings;
    }

    /**
     * @return array<string, mixed>
     */
    private static function suggestion(Suggestion $suggestion): array
    {
        return [
            'finding' => $suggestion->sign,
            'manoeuvre' => $suggestion->manoeuvre,
            'chancePositive' => $suggestion->test?->chancePositive,
            'value' => $suggestion->test?->value,
            'bits' => $suggestion->test?->bits,
            'valuePerMinute' => $suggestion->test?->valuePerMinute(),
            'why' => $suggestion->why,
        ];
    }
}

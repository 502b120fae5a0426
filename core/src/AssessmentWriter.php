<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Conclusions\CollateralReading;
use GrayCompass\Core\Conclusions\ConditionVerdict;
use GrayCompass\Core\Conclusions\Consideration;
use GrayCompass\Core\Conclusions\MistakenReading;
use GrayCompass\Core\Grading\McMurrayReading;
use GrayCompass\Core\Grading\Measurement;
use GrayCompass\Core\Grading\Remark;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Route\Suggestion;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Standing\StandingResult;
use GrayCompass\Core\Weighing\Picture;
use GrayCompass\Core\Weighing\ProblemWriter;
use GrayCompass\Core\Weighing\Step;
use GrayCompass\Core\Weighing\WeighedWriter;

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
        $effusion = $assessment->grading->effusion;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'rules' => Assessment::RULES,
            'evidence' => ['set' => $assessment->evidence->choice->value, 'digest' => $assessment->evidence->digest()],
            'phase' => $assessment->evidence->phase->value,
            'safety' => [
                'gateOpen' => $assessment->gate->open,
                'lines' => array_map(static fn (SafetyLine $line): array => [
                    'rule' => $line->rule->value, 'urgency' => $line->urgency->value, 'say' => $line->say,
                ], $assessment->gate->lines),
                'blocked' => $assessment->gate->blocked,
                'blockedBy' => (object) array_map(static fn (Rule $rule): string => $rule->value, $assessment->gate->blockedBy),
            ],
            'measurements' => array_map(self::measurement(...), $assessment->grading->measurements),
            'effusion' => $effusion === null ? null : [
                'grade' => $effusion->grade,
                'positive' => $effusion->sign->value === 'positive',
                'millilitres' => $effusion->millilitres,
                'bloodLikely' => $effusion->bloodLikely,
            ],
            'results' => array_map(self::result(...), $assessment->standing->results),
            'excluded' => self::excluded($assessment),
            'conditions' => array_map(self::condition(...), $assessment->conditions),
            'patterns' => array_map(static fn (Picture $picture): array => [
                'present' => array_map(static fn (int $k): string => Condition::cases()[$k]->value, $picture->present),
                'probability' => $picture->probability,
            ], $assessment->weighed->pictures),
            'trace' => array_map(static fn (Step $step): array => self::step($step, $assessment), $assessment->trail),
            'mcmurrayReadings' => $assessment->grading->mcmurrayReadings === null ? null : array_map(static fn (McMurrayReading $reading): array => [
                'school' => $reading->school->value, 'medial' => $reading->medial?->value, 'lateral' => $reading->lateral?->value,
            ], $assessment->grading->mcmurrayReadings),
            'collateralReading' => self::collaterals($assessment),
            'frontGate' => [
                'story' => $assessment->frontGate->story->value,
                'structural' => $assessment->frontGate->structural->value,
                'compression' => $assessment->frontGate->compression->value,
                'loaded' => $assessment->frontGate->loaded->value,
                'supported' => $assessment->frontGate->supported(),
            ],
            'alsoConsider' => array_map(static fn (Consideration $other): array => ['id' => $other->id, 'why' => $other->why], $assessment->alsoConsider),
            'route' => PlanWriter::route($assessment),
            'nextTests' => array_map(self::suggestion(...), $assessment->nextTests),
            'plan' => PlanWriter::plan($assessment),
            'answers' => array_map(static fn (MistakenReading $answer): array => [
                'condition' => $answer->condition, 'finding' => $answer->finding, 'mistake' => $answer->mistake, 'answer' => $answer->answer,
            ], $assessment->answers),
            'remarks' => array_map(static fn (Remark $remark): array => ['code' => $remark->code, 'say' => $remark->say], $assessment->remarks),
            'weighing' => ProblemWriter::write($assessment->weighed->problem),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function measurement(Measurement $measurement): array
    {
        return [
            'manoeuvre' => $measurement->manoeuvre,
            'unit' => $measurement->unit,
            'hurt' => $measurement->hurt,
            'other' => $measurement->other,
            'difference' => $measurement->difference,
            'grade' => $measurement->grade,
            'provisional' => $measurement->provisional,
            'estimate' => $measurement->estimate,
            'school' => $measurement->school,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function result(StandingResult $result): array
    {
        return [
            'finding' => $result->reading->finding,
            'manoeuvre' => $result->reading->manoeuvre(),
            'outcome' => $result->reading->sign->value,
            'counts' => $result->counts(),
            'overridden' => $result->overridden,
        ];
    }

    /**
     * @return list<array<string, string>>
     */
    private static function excluded(Assessment $assessment): array
    {
        $excluded = [];
        foreach ($assessment->standing->results as $result) {
            if ($result->exclusion !== null) {
                $excluded[] = [
                    'finding' => $result->reading->finding,
                    'manoeuvre' => $result->reading->manoeuvre(),
                    'outcome' => $result->reading->sign->value,
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
            'tested' => $verdict->tested,
            'further' => $verdict->chance->further->value,
            'unsettled' => $verdict->unsettled,
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
            'finding' => $suggestion->test->candidate->finding->id,
            'manoeuvre' => $suggestion->manoeuvre,
            'chancePositive' => $suggestion->test->chancePositive,
            'value' => $suggestion->test->value,
            'bits' => $suggestion->test->bits,
            'valuePerMinute' => $suggestion->test->valuePerMinute(),
            'why' => $suggestion->why,
        ];
    }
}

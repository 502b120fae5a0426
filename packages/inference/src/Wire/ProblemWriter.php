<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Inference\Model\Association;
use GrayCompass\Inference\Model\Candidate;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\WeighedCondition;

/** A problem as the input of `weigh:combine`, so that anyone can repeat or vary the arithmetic. */
final class ProblemWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function write(Problem $problem): array
    {
        $ids = array_map(static fn (WeighedCondition $condition): string => $condition->id, $problem->conditions);

        return [
            'conditions' => array_map(static fn (WeighedCondition $condition): array => array_filter([
                'id' => $condition->id,
                'pretest' => $condition->pretest,
                'pretestWeight' => $condition->pretestWeight,
                'thresholds' => ['ruleOut' => $condition->thresholds->ruleOut, 'act' => $condition->thresholds->act],
                'weight' => $condition->weight === 1.0 ? null : $condition->weight,
            ], static fn (mixed $value): bool => $value !== null), $problem->conditions),
            'associations' => array_map(static fn (Association $pair): array => [
                'between' => [$ids[$pair->first], $ids[$pair->second]],
                'oddsRatio' => $pair->oddsRatio,
            ], $problem->associations),
            'groups' => array_map(static fn (Group $group): array => [
                'id' => $group->id,
                'echo' => $group->echo,
                'results' => array_map(static fn (Result $result): array => [
                    'finding' => $result->finding->id,
                    'outcome' => $result->outcome->value,
                    'targets' => self::targets($result->finding, $ids),
                    ...($result->otherwise === null ? [] : ['otherwise' => self::targets($result->otherwise, $ids)]),
                ], $group->results),
            ], $problem->groups),
            'candidates' => array_map(static fn (Candidate $candidate): array => [
                'finding' => $candidate->finding->id,
                'group' => $candidate->group,
                'echo' => $candidate->echo,
                'minutes' => $candidate->minutes,
                'targets' => self::targets($candidate->finding, $ids),
            ], $problem->candidates),
        ];
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array<string, mixed>>
     */
    private static function targets(Finding $finding, array $ids): array
    {
        $targets = [];
        foreach ($finding->rows as $row) {
            $targets[$ids[$row->condition]] = array_filter([
                'sensitivity' => $row->sensitivity->published,
                'specificity' => $row->specificity->published,
                'sensitivityInterval' => $row->sensitivity->interval,
                'specificityInterval' => $row->specificity->interval,
                'spread' => $row->spread > 0 ? $row->spread : null,
            ], static fn (mixed $value): bool => $value !== null);
        }

        return $targets;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Inference\Model\WeighedCondition;
use GrayCompass\Inference\Readings\NextTest;
use GrayCompass\Inference\Readings\Picture;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Readings\Weighed;
use GrayCompass\Inference\Readings\WeighedChance;

/** The output of `weigh:combine`. */
final class WeighedWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function write(Weighed $weighed): array
    {
        $ids = array_map(
            static fn (WeighedCondition $condition): string => $condition->id,
            $weighed->problem->conditions,
        );

        return [
            'conditions' => array_map(self::condition(...), $weighed->conditions),
            'patterns' => array_map(static fn (Picture $picture): array => [
                'present' => array_map(static fn (int $k): string => $ids[$k], $picture->present),
                'probability' => $picture->probability,
            ], $weighed->pictures),
            'nextTests' => array_map(static fn (NextTest $test): array => [
                'finding' => $test->candidate->finding->id,
                'chancePositive' => $test->chancePositive,
                'value' => $test->value,
                'bits' => $test->bits,
                'valuePerMinute' => $test->valuePerMinute(),
            ], $weighed->nextTests),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function condition(WeighedChance $chance): array
    {
        return [
            'id' => $chance->id,
            'pretest' => $chance->pretest,
            'posttest' => $chance->posttest,
            'interval' => $chance->interval,
            'textbook' => $chance->textbook,
            'strongest' => $chance->strongest,
            'zone' => $chance->zone->value,
            'further' => $chance->further->value,
        ];
    }

    /**
     * One step on the way of a chance.
     *
     * @return array<string, mixed>
     */
    public static function step(Step $step): array
    {
        return [
            'finding' => $step->result->finding->id,
            'outcome' => $step->result->outcome->value,
            'before' => $step->before,
            'after' => $step->after,
            'publishedLr' => $step->publishedLr,
            'appliedLr' => $step->appliedLr,
            'echoShare' => $step->echoShare,
        ];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Model\Association;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\Model\WeighedCondition;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Readings\Trail;
use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\Weighing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Many results in one table say the same as each of them in a walk of its own. */
final class TrailTest extends TestCase
{
    private const CONDITIONS = 7;

    /**
     * @return iterable<string, array{float, float, int}> sensitivity, specificity, and how many of each outcome in a row
     */
    public static function strengths(): iterable
    {
        yield 'weak' => [0.6, 0.55, 3];
        yield 'strong, taking turns' => [0.995, 0.995, 1];
        yield 'strong, so many that a chance comes near to 0 and to 1' => [0.995, 0.995, 12];
        yield 'so many that their product leaves the range of a run' => [0.995, 0.995, 45];
    }

    #[DataProvider('strengths')]
    public function test_a_run_of_results_moves_the_chances_as_each_alone_does(float $sensitivity, float $specificity, int $row): void
    {
        $results = self::results($sensitivity, $specificity, $row);
        $before = Belief::before(self::problem());
        [$together, $alone] = [new Trail($before), new Trail($before)];
        foreach ($results as $result) {
            $group = new Group("alone {$result->finding->id}", 0.0, []);
            $together->take($result, $group);
            $alone->take($result, $group);
            // Asked for, the chances end a run.
            $alone->chances();
        }
        self::assertSame(2 * \count($results), \count($together->steps()));
        foreach ($together->steps() as $at => $step) {
            self::assertSameStep($alone->steps()[$at], $step);
        }
        self::assertEqualsWithDelta($alone->chances(), $together->chances(), 1e-12);
        $weighed = Weighing::belief(self::problem(array_map(
            static fn (Result $result): Group => new Group("alone {$result->finding->id}", 0.0, [$result]),
            $results,
        )));
        foreach ($together->chances() as $condition => $chance) {
            self::assertEqualsWithDelta($weighed->chance($condition), $chance, 1e-12);
        }
    }

    private static function assertSameStep(Step $expected, Step $step): void
    {
        self::assertSame([$expected->condition, $expected->result], [$step->condition, $step->result]);
        self::assertEqualsWithDelta($expected->before, $step->before, 1e-12);
        self::assertEqualsWithDelta($expected->after, $step->after, 1e-12);
        self::assertEqualsWithDelta(1.0, $step->appliedLr / $expected->appliedLr, 1e-9);
    }

    /**
     * All of the first two conditions, so that they stand in one table.
     *
     * @return list<Result>
     */
    private static function results(float $sensitivity, float $specificity, int $row): array
    {
        $results = [];
        foreach ([Outcome::Positive, Outcome::Negative, Outcome::Positive] as $turn => $outcome) {
            for ($one = 0; $one < $row; $one++) {
                $rates = [new Rate($sensitivity, null, 0.0), new Rate($specificity, null, 0.0)];
                $results[] = new Result(
                    new Finding("test {$turn} {$one}", [new Row(0, ...$rates), new Row(1, ...$rates)]),
                    $outcome,
                );
            }
        }

        return $results;
    }

    /**
     * @param  list<Group>  $groups
     */
    private static function problem(array $groups = []): Problem
    {
        $conditions = array_map(
            static fn (int $at): WeighedCondition => new WeighedCondition("c{$at}", 0.05 + 0.1 * $at),
            range(0, self::CONDITIONS - 1),
        );

        return new Problem($conditions, [new Association(0, 2, 3.0), new Association(1, 4, 0.5)], $groups, []);
    }
}

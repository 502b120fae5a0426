<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Readings\Rail;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\TestCase;

/** The way of one condition from its base rate to its chance, in an order that someone chose. */
final class RailTest extends TestCase
{
    private const PROBLEMS = 60;

    public function test_a_rail_is_of_one_condition_alone_in_the_order_asked_for(): void
    {
        $weighed = SeededFigures::weigh($this->problem(new SeededFigures(31)));
        self::assertSame(['both', 'first', 'late'], self::findings(Rail::of($weighed, 0, ['both', 'first', 'late'])));
        self::assertSame(['late', 'both', 'first'], self::findings(Rail::of($weighed, 0, ['late', 'both', 'first'])));
        self::assertSame(['second', 'both'], self::findings(Rail::of($weighed, 1, ['second', 'both'])));
        self::assertSame([], Rail::of($weighed, 2, ['second', 'both']));
    }

    public function test_what_the_order_does_not_name_comes_last_and_what_it_names_for_nothing_is_passed_over(): void
    {
        $weighed = SeededFigures::weigh($this->problem(new SeededFigures(32)));
        self::assertSame(['late', 'first', 'both'], self::findings(Rail::of($weighed, 0, ['unknown', 'late'])));
    }

    public function test_whatever_came_before_it_the_last_result_leaves_the_chance(): void
    {
        $figures = new SeededFigures(33);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $weighed = SeededFigures::weigh($this->problem($figures));
            $order = [...$figures->shuffled(['first', 'second', 'late']), 'both'];
            foreach ([0, 1] as $condition) {
                $steps = Rail::of($weighed, $condition, $order);
                $last = $steps[count($steps) - 1];
                self::assertEqualsWithDelta($weighed->conditions[$condition]->posttest, $last->after, 1e-9);
                foreach ($steps as $step) {
                    $odds = $step->before / (1 - $step->before) * $step->appliedLr;
                    self::assertEqualsWithDelta($odds / (1 + $odds), $step->after, 1e-9);
                }
            }
        }
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function findings(array $steps): array
    {
        return array_map(static fn (Step $step): string => $step->result->finding->id, $steps);
    }

    /**
     * Two conditions with results of their own and one of both; a third that nothing speaks of.
     *
     * @return array<string, mixed>
     */
    private function problem(SeededFigures $figures): array
    {
        return [
            'conditions' => array_map(
                static fn (string $id): array => ['id' => $id, 'pretest' => $figures->between(0.05, 0.5)],
                ['a', 'b', 'c'],
            ),
            'groups' => [
                ['id' => 'g', 'echo' => 0.4, 'results' => [
                    $figures->result('first', 'positive', ['a']),
                    $figures->result('both', 'negative', ['a', 'b']),
                ]],
                ['id' => 'h', 'echo' => 0.2, 'results' => [
                    $figures->result('second', 'positive', ['b']),
                    $figures->result('late', 'negative', ['a']),
                ]],
            ],
        ];
    }
}

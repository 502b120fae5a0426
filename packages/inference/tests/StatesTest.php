<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\States\Belief;
use GrayCompass\Inference\States\Marginals;
use GrayCompass\Inference\States\StateSet;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use GrayCompass\Inference\Wire\ProblemReader;
use PHPUnit\Framework\TestCase;

/** The states before any result, and sums over them. */
final class StatesTest extends TestCase
{
    public function test_every_marginal_is_fitted_to_its_base_rate(): void
    {
        $figures = new SeededFigures(21);
        for ($problem = 0; $problem < 60; $problem++) {
            $rates = $pairs = [];
            for ($i = 0; $i < 7; $i++) {
                $rates[] = ['id' => "c{$i}", 'pretest' => $figures->between(0.001, 0.95)];
                if ($i > 0) {
                    $pairs[] = [
                        'between' => ["c{$i}", 'c'.$figures->whole(0, $i - 1)],
                        'oddsRatio' => exp($figures->between(-4.0, 4.5)),
                    ];
                }
            }
            $belief = Belief::before(ProblemReader::read(json_decode((string) json_encode([
                'conditions' => $rates,
                'associations' => $pairs,
            ]))));
            foreach ($rates as $k => $rate) {
                self::assertEqualsWithDelta($rate['pretest'], $belief->chance($k), 2e-12);
            }
            self::assertEqualsWithDelta(1.0, array_sum($belief->states()), 1e-12);
        }
    }

    public function test_the_odds_ratio_of_an_associated_pair_is_kept(): void
    {
        $belief = Belief::before(ProblemReader::read(json_decode(
            '{"conditions":[{"id":"a","pretest":0.2},{"id":"x","pretest":0.4},{"id":"b","pretest":0.03}],"associations":[{"between":["b","a"],"oddsRatio":8}]}',
        )));
        [$none, $a, $b, $both] = $belief->over(0b101);
        self::assertEqualsWithDelta(8.0, $both * $none / ($a * $b), 1e-9);
        [$none, $a, $x, $both] = $belief->over(0b011);
        self::assertEqualsWithDelta(1.0, $both * $none / ($a * $x), 1e-9);
    }

    public function test_sums_over_a_few_conditions_agree_with_adding_up_every_state(): void
    {
        $figures = new SeededFigures(22);
        $states = [];
        for ($state = 0; $state < 64; $state++) {
            $states[] = $figures->between(0.0, 1.0);
        }
        foreach ([0, 0b000100, 0b101001, 0b111111] as $mask) {
            $marginals = Marginals::of($states, 6, $mask);
            $projection = StateSet::projection(0b111111, $mask);
            foreach (range(0, 5) as $k) {
                $expected = array_fill(0, 1 << StateSet::size($mask), 0.0);
                foreach ($states as $state => $weight) {
                    $expected[$projection[$state]] += $state >> $k & 1 ? $weight : 0.0;
                }
                self::assertEqualsWithDelta($expected, $marginals->present[$k], 1e-12);
            }
        }
        $wide = Marginals::of($states, 6, 0b101011);
        self::assertEqualsWithDelta(
            Marginals::of($states, 6, 0b100010)->present,
            $wide->narrowedTo(0b100010)->present,
            1e-12,
        );
    }

    public function test_two_hundred_agreeing_results_neither_saturate_nor_fail(): void
    {
        $results = [];
        for ($i = 0; $i < 200; $i++) {
            $results[] = [
                'finding' => "f{$i}",
                'outcome' => 'positive',
                'targets' => ['a' => [
                    'sensitivity' => 0.99,
                    'specificity' => 0.99,
                    'sensitivityInterval' => [0.9, 0.995],
                ]],
            ];
        }
        $weighed = SeededFigures::weigh([
            'conditions' => [['id' => 'a', 'pretest' => 0.2, 'pretestWeight' => 40], ['id' => 'b', 'pretest' => 0.1]],
            'groups' => [['id' => 'g', 'echo' => 0, 'results' => $results]],
        ]);
        self::assertGreaterThan(1 - 1e-12, $weighed->conditions[0]->posttest);
        self::assertEqualsWithDelta(0.1, $weighed->conditions[1]->posttest, 1e-9);
        foreach ($weighed->conditions as $condition) {
            self::assertFalse(is_nan($condition->interval[0]) || is_nan($condition->interval[1]));
        }
    }

    public function test_the_jit_is_off_and_a_full_case_is_computed_under_the_shipped_settings(): void
    {
        $status = function_exists('opcache_get_status') ? opcache_get_status(false) : false;
        self::assertFalse(
            is_array($status) && ($status['jit']['on'] ?? false),
            'tracing JIT was seen to return wrong numbers',
        );
        $served = (string) file_get_contents(__DIR__.'/../../../deploy/php-fpm.conf');
        self::assertSame(substr_count($served, 'pm = static'), substr_count($served, 'opcache.jit] = disable'));
    }
}

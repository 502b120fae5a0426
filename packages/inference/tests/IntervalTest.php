<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\TestCase;

/** The 95 % interval against simulation: figures drawn from their doubt, weighed again. */
final class IntervalTest extends TestCase
{
    private const DRAWS = 1500;

    private const SPREAD = 0.3;

    private const PROBLEMS = 12;

    private const STEP = 1e-5;

    public function test_about_ninety_five_in_a_hundred_redrawn_weighings_fall_inside(): void
    {
        $figures = new SeededFigures(31);
        $document = $this->document();
        $stated = SeededFigures::weigh($document)->conditions;
        $inside = array_fill(0, count($stated), 0);
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            foreach (SeededFigures::chances($this->redrawn($document, $figures)) as $k => $chance) {
                $inside[$k] += (int) ($chance >= $stated[$k]->interval[0] && $chance <= $stated[$k]->interval[1]);
            }
        }
        foreach ($inside as $k => $count) {
            self::assertEqualsWithDelta(0.95, $count / self::DRAWS, 0.035, "condition {$k}");
        }
    }

    /** Each row alone in doubt: the interval reaches as far as the log-odds move with its two figures. */
    public function test_a_row_widens_the_interval_by_how_the_log_odds_move_with_it(): void
    {
        $figures = new SeededFigures(34);
        for ($problem = 0; $problem < self::PROBLEMS; $problem++) {
            $document = $this->drawn($figures);
            foreach ($document['groups'][0]['results'] as $r => $result) {
                foreach (array_keys($result['targets']) as $target) {
                    $doubted = $document;
                    $doubted['groups'][0]['results'][$r]['targets'][$target]['spread'] = self::SPREAD;
                    foreach (SeededFigures::weigh($doubted)->conditions as $k => $condition) {
                        $slopes = array_map(
                            fn (string $figure): float => $this->slope($document, $r, $target, $figure, $k),
                            ['sensitivity', 'specificity'],
                        );
                        self::assertEqualsWithDelta(
                            Logit::Z95 * self::SPREAD * hypot(...$slopes),
                            Logit::of($condition->interval[1]) - Logit::of($condition->posttest),
                            1e-4,
                            "problem {$problem}, result {$r} for {$target}, condition {$k}",
                        );
                    }
                }
            }
        }
    }

    public function test_exact_figures_leave_no_interval(): void
    {
        $document = ['conditions' => [['id' => 'a', 'pretest' => 0.3]], 'groups' => [['id' => 'g', 'echo' => 0, 'results' => [
            [
                'finding' => 'f',
                'outcome' => 'positive',
                'targets' => ['a' => ['sensitivity' => 0.8, 'specificity' => 0.9]],
            ],
        ]]]];
        $condition = SeededFigures::weigh($document)->conditions[0];
        self::assertEqualsWithDelta($condition->posttest, $condition->interval[0], 1e-12);
        $document['groups'][0]['results'][0]['targets']['a']['spread'] = 0.5;
        self::assertLessThan($condition->posttest - 0.05, SeededFigures::weigh($document)->conditions[0]->interval[0]);
    }

    /**
     * How the log-odds of a condition move with the log-odds of one figure, by a small step to either side.
     *
     * @param  array<string, mixed>  $document
     */
    private function slope(array $document, int $result, string $target, string $figure, int $condition): float
    {
        $moved = [];
        foreach ([-self::STEP, self::STEP] as $step) {
            $other = $document;
            $value = &$other['groups'][0]['results'][$result]['targets'][$target][$figure];
            $value = Logit::chance(Logit::of($value) + $step);
            unset($value);
            $moved[] = Logit::of(SeededFigures::chances($other)[$condition]);
        }

        return ($moved[1] - $moved[0]) / (2 * self::STEP);
    }

    /**
     * Results of one and of two targets, better and worse than chance.
     *
     * @return array<string, mixed>
     */
    private function drawn(SeededFigures $figures): array
    {
        return [
            'conditions' => [
                ['id' => 'a', 'pretest' => $figures->between(0.05, 0.5)],
                ['id' => 'b', 'pretest' => $figures->between(0.05, 0.5)],
            ],
            'groups' => [['id' => 'g', 'echo' => $figures->between(0.0, 0.8), 'results' => [
                $figures->result('p', 'positive', ['a']),
                $figures->result('q', 'negative', ['b', 'a']),
                $figures->result('r', 'positive', ['a', 'b']),
            ]]],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function document(): array
    {
        $row = static fn (float $sensitivity, float $specificity): array => [
            'sensitivity' => $sensitivity,
            'specificity' => $specificity,
            'spread' => self::SPREAD,
        ];

        return [
            'conditions' => [['id' => 'a', 'pretest' => 0.3], ['id' => 'b', 'pretest' => 0.25]],
            'associations' => [['between' => ['a', 'b'], 'oddsRatio' => 2.5]],
            'groups' => [
                ['id' => 'g', 'echo' => 0.4, 'results' => [
                    ['finding' => 'p', 'outcome' => 'positive', 'targets' => ['a' => $row(0.8, 0.85)]],
                    [
                        'finding' => 'q',
                        'outcome' => 'positive',
                        'targets' => ['a' => $row(0.6, 0.7), 'b' => $row(0.7, 0.65)],
                    ],
                ]],
                [
                    'id' => 'h',
                    'echo' => 0.0,
                    'results' => [['finding' => 'r', 'outcome' => 'negative', 'targets' => ['b' => $row(0.6, 0.8)]]],
                ],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function redrawn(array $document, SeededFigures $figures): array
    {
        foreach ($document['groups'] as $g => $group) {
            foreach ($group['results'] as $r => $result) {
                foreach ($result['targets'] as $target => $row) {
                    foreach (['sensitivity', 'specificity'] as $figure) {
                        $document['groups'][$g]['results'][$r]['targets'][$target][$figure] = Logit::chance(Logit::of($row[$figure]) + self::SPREAD * $figures->normal());
                    }
                }
            }
        }

        return $document;
    }
}

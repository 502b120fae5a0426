<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Model\Zone;
use GrayCompass\Inference\Readings\Further;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\TestCase;

/** Zones, losses, and what the tests that are left could still do. */
final class ThresholdsTest extends TestCase
{
    public function test_the_zone_changes_exactly_at_its_thresholds(): void
    {
        $limits = new Thresholds(0.1, 0.8);
        self::assertSame(Zone::Investigate, $limits->zone(0.1));
        self::assertSame(Zone::Investigate, $limits->zone(0.1 - 1e-10));
        self::assertSame(Zone::RuledOut, $limits->zone(0.1 - 1e-8));
        self::assertSame(Zone::Investigate, $limits->zone(0.8 - 1e-8));
        self::assertSame(Zone::Act, $limits->zone(0.8 - 1e-10));
    }

    public function test_the_best_choice_changes_where_the_zone_does(): void
    {
        $limits = new Thresholds(0.1, 0.8);
        self::assertEqualsWithDelta(
            [0.5, 1.0, 1.0, 1.0, 0.5],
            array_map($limits->loss(...), [0.05, 0.1, 0.5, 0.8, 0.9]),
            1e-12,
        );
    }

    public function test_log_odds_do_not_overflow(): void
    {
        self::assertEqualsWithDelta([0.0, 0.5, 1.0], array_map(Logit::chance(...), [-800.0, 0.0, 800.0]), 1e-12);
        self::assertEqualsWithDelta(2.5, Logit::of(Logit::chance(2.5)), 1e-12);
    }

    public function test_tests_that_only_together_could_settle_it_are_told_apart(): void
    {
        $candidate = static fn (string $finding, float $sensitivity): array => [
            'finding' => $finding,
            'group' => $finding,
            'echo' => 0,
            'minutes' => 1,
            'targets' => ['a' => ['sensitivity' => $sensitivity, 'specificity' => $sensitivity]],
        ];
        $further = static fn (array $candidates): Further => SeededFigures::weigh([
            'conditions' => [['id' => 'a', 'pretest' => 0.4]],
            'candidates' => $candidates,
        ])->conditions[0]->further;
        self::assertSame(Further::SingleCould, $further([$candidate('strong', 0.95)]));
        self::assertSame(Further::OnlyTogether, $further([$candidate('one', 0.75), $candidate('two', 0.75)]));
        self::assertSame(Further::NoneWouldChange, $further([$candidate('one', 0.55), $candidate('two', 0.55)]));
        self::assertSame(Further::NoneWouldChange, $further([]));
    }

    public function test_the_chance_of_a_positive_keeps_todays_beliefs_todays(): void
    {
        $test = SeededFigures::weigh([
            'conditions' => [['id' => 'a', 'pretest' => 0.3], ['id' => 'b', 'pretest' => 0.2]],
            'associations' => [['between' => ['a', 'b'], 'oddsRatio' => 3]],
            'candidates' => [[
                'finding' => 'f',
                'group' => 'g',
                'echo' => 0,
                'minutes' => 0.5,
                'targets' => ['a' => ['sensitivity' => 0.8, 'specificity' => 0.9]],
            ]],
        ])->nextTests[0];
        self::assertEqualsWithDelta(0.3 * 0.8 + 0.7 * 0.1, $test->chancePositive, 1e-9);
        foreach ([0.3, 0.2] as $k => $now) {
            self::assertEqualsWithDelta(
                $now,
                $test->chancePositive * $test->ifPositive[$k] + (1 - $test->chancePositive) * $test->ifNegative[$k],
                1e-9,
            );
        }
        self::assertSame($test->value / 0.5, $test->valuePerMinute());
        $useless = SeededFigures::weigh([
            'conditions' => [['id' => 'a', 'pretest' => 0.3]],
            'candidates' => [[
                'finding' => 'f',
                'group' => 'g',
                'echo' => 0,
                'minutes' => 1,
                'targets' => ['a' => ['sensitivity' => 0.2, 'specificity' => 0.6]],
            ]],
        ])->nextTests[0];
        self::assertEqualsWithDelta(0.4, $useless->chancePositive, 1e-9);
        self::assertSame([0.0, 0.0], [$useless->value, $useless->bits]);
    }
}

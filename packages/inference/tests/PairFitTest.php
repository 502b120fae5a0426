<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\States\MarginalFit;
use GrayCompass\Inference\States\PairFit;
use PHPUnit\Framework\TestCase;

/** Two injuries in closed form: the chances asked for, the odds ratio asked for, to the last digits. */
final class PairFitTest extends TestCase
{
    private const RATES = [1e-9, 0.02, 0.2, 0.5, 0.9, 1 - 1e-9];

    private const RATIOS = [1e-4, 0.3, 1.0, 2.5, 1e4];

    public function test_chances_and_odds_ratio_come_out_as_asked(): void
    {
        foreach (self::RATES as $first) {
            foreach (self::RATES as $second) {
                foreach (self::RATIOS as $ratio) {
                    [$neither, $one, $other, $both] = PairFit::of($first, $second, $ratio);
                    $told = "{$first}, {$second}, {$ratio}";
                    self::assertEqualsWithDelta(1.0, $neither + $one + $other + $both, 1e-12, $told);
                    self::assertEqualsWithDelta(1.0, ($one + $both) / $first, 1e-9, $told);
                    self::assertEqualsWithDelta(1.0, ($other + $both) / $second, 1e-9, $told);
                    self::assertEqualsWithDelta(1.0, $neither * $both / ($one * $other) / $ratio, 1e-6, $told);
                }
            }
        }
    }

    public function test_it_is_where_the_fit_by_steps_arrives(): void
    {
        self::assertEqualsWithDelta(MarginalFit::of([1, 1, 1, 2.5], [0.2, 0.25]), PairFit::of(0.2, 0.25, 2.5), 1e-11);
    }
}

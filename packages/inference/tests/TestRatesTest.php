<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Entered\TestRates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TestRatesTest extends TestCase
{
    /** Wilson's own interval of 81 of 263, as textbooks give it: 0.2553 to 0.3662. */
    public function test_counts_give_rates_with_the_intervals_of_wilson(): void
    {
        $rates = TestRates::ofCounts(81, 1, 182, 99);
        self::assertEqualsWithDelta(81 / 263, $rates->sensitivity, 1e-12);
        self::assertEqualsWithDelta([0.2553, 0.3662], $rates->sensitivityInterval, 5e-5);
        self::assertEqualsWithDelta(0.99, $rates->specificity, 1e-12);
        self::assertEqualsWithDelta(30.8, $rates->positiveRatio(), 0.01);
        self::assertEqualsWithDelta(0.699, $rates->negativeRatio(), 0.0005);
    }

    public function test_an_empty_cell_is_filled_by_half_a_knee_in_each(): void
    {
        $rates = TestRates::ofCounts(10, 0, 0, 20);
        self::assertEqualsWithDelta([10.5 / 11, 20.5 / 21], [$rates->sensitivity, $rates->specificity], 1e-12);
        self::assertLessThan(1.0, $rates->sensitivityInterval[1] ?? 2.0);
    }

    public function test_ratios_and_rates_lead_to_each_other(): void
    {
        foreach ([[0.85, 0.94], [0.2, 0.81], [0.999, 0.5], [0.51, 0.5]] as [$sensitivity, $specificity]) {
            $rates = TestRates::ofRates($sensitivity, $specificity);
            $back = TestRates::ofRatios($rates->positiveRatio(), $rates->negativeRatio());
            self::assertEqualsWithDelta([$sensitivity, $specificity], [$back->sensitivity, $back->specificity], 1e-12);
            self::assertNull($back->sensitivityInterval);
        }
    }

    /**
     * @return iterable<string, array{callable(): TestRates, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'nobody ill' => [static fn (): TestRates => TestRates::ofCounts(0, 1, 0, 1), 'counts.truePositive'];
        yield 'nobody sound' => [static fn (): TestRates => TestRates::ofCounts(1, 0, 1, 0), 'counts.trueNegative'];
        yield 'a positive result that says nothing' => [static fn (): TestRates => TestRates::ofRatios(1, 0.5), 'ratios.positive'];
        yield 'boundless' => [static fn (): TestRates => TestRates::ofRatios(INF, 0.5), 'ratios.positive'];
        yield 'a negative result that says nothing' => [static fn (): TestRates => TestRates::ofRatios(2, 1), 'ratios.negative'];
        yield 'one that excludes it' => [static fn (): TestRates => TestRates::ofRatios(2, 0), 'ratios.negative'];
        yield 'a certain test' => [static fn (): TestRates => TestRates::ofRates(1, 0.5), 'rates.sensitivity'];
    }

    /**
     * @param  callable(): TestRates  $entered
     */
    #[DataProvider('nonsense')]
    public function test_what_no_test_is_worth_is_refused_in_its_place(callable $entered, string $path): void
    {
        try {
            $entered();
            self::fail('It was taken.');
        } catch (Refusal $refusal) {
            self::assertSame($path, $refusal->path);
        }
    }
}

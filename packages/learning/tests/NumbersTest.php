<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Tests;

use GrayCompass\Learning\Numbers\Quantile;
use GrayCompass\Learning\Numbers\Special;
use GrayCompass\Learning\Numbers\Wilson;
use PHPUnit\Framework\TestCase;

/** Functions that all figures rest on, against what is known of them exactly. */
final class NumbersTest extends TestCase
{
    public function test_the_gamma_function_gives_factorials_and_its_value_at_one_half(): void
    {
        $factorial = 1.0;
        for ($n = 1; $n <= 30; $n++) {
            self::assertEqualsWithDelta(log($factorial), Special::logGamma($n), 1e-12 * max(1.0, log($factorial)));
            $factorial *= $n;
        }
        self::assertEqualsWithDelta(log(sqrt(M_PI)), Special::logGamma(0.5), 1e-14);
        self::assertEqualsWithDelta(log(4 * sqrt(M_PI) / 3), Special::logGamma(-1.5 + 0.0) + 0.0, 1e-12);
    }

    public function test_the_beta_distribution_is_the_binomial_one_and_mirrors_itself(): void
    {
        self::assertEqualsWithDelta(37 / 256, Special::beta(0.5, 6, 3), 1e-14);
        foreach ([[0.01, 0.5, 40.0], [0.3, 2.5, 7.0], [0.97, 300.0, 2.0]] as [$x, $a, $b]) {
            self::assertEqualsWithDelta(1.0, Special::beta($x, $a, $b) + Special::beta(1 - $x, $b, $a), 1e-13);
        }
        self::assertSame([0.0, 1.0], [Special::beta(-1, 2, 3), Special::beta(2, 2, 3)]);
    }

    public function test_the_gamma_distribution_is_the_exponential_one_where_its_shape_is_one(): void
    {
        foreach ([0.1, 1.0, 3.0, 40.0] as $x) {
            self::assertEqualsWithDelta(1 - exp(-$x), Special::gamma($x, 1), 1e-14);
        }
        self::assertSame(0.0, Special::gamma(0, 2));
    }

    public function test_quantiles_are_those_of_the_tables(): void
    {
        self::assertEqualsWithDelta(12.706204736, Quantile::t(0.975, 1), 1e-8);
        self::assertEqualsWithDelta(2.228138852, Quantile::t(0.975, 10), 1e-8);
        self::assertEqualsWithDelta(Quantile::Z95, Quantile::t(0.975, 1e8), 1e-6);
        self::assertEqualsWithDelta(Quantile::Z95 ** 2, Quantile::chiSquare(0.95, 1), 1e-8);
        self::assertEqualsWithDelta(1 / Quantile::f(0.975, 3, 8), Quantile::f(0.025, 8, 3), 1e-10);
        self::assertEqualsWithDelta(0.5, Quantile::beta(0.5, 7, 7), 1e-14);
    }

    public function test_an_interval_of_a_share_stays_between_zero_and_one(): void
    {
        self::assertSame(0.0, Wilson::of(0, 3)[0]);
        self::assertSame(1.0, Wilson::of(1, 3)[1]);
    }
}

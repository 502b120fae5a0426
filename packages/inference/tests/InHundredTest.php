<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Readings\InHundred;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The same table as tests/Unit/figures.test.ts: screen and paper say the same number. */
final class InHundredTest extends TestCase
{
    #[TestWith([0.0, '<1'])]
    #[TestWith([0.0049, '<1'])]
    #[TestWith([0.005, '1'])]
    #[TestWith([0.345, '35'])]
    #[TestWith([0.9949, '99'])]
    #[TestWith([0.995, '>99'])]
    #[TestWith([1.0, '>99'])]
    public function test_nobody_knows_0_or_100(float $chance, string $words): void
    {
        self::assertSame($words, InHundred::of($chance));
    }

    public function test_a_range_whose_ends_read_the_same_is_told_once(): void
    {
        self::assertSame('5 to 12', InHundred::range([0.05, 0.12]));
        self::assertSame('<1 to 3', InHundred::range([0.001, 0.03]));
        self::assertSame('<1', InHundred::range([0.001, 0.004]));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Plan\LookAgain;
use GrayCompass\Core\Sentences\Sentence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LookAgainTest extends TestCase
{
    #[DataProvider('windows')]
    public function test_the_window_is_a_sentence(string $said, ?int $from, ?int $to, ?string $after): void
    {
        self::assertSame($said, English::of((new LookAgain($from, $to, $after, [new Sentence('again_for.result')]))->when()));
    }

    /**
     * @return iterable<array{string, int|null, int|null, string|null}>
     */
    public static function windows(): iterable
    {
        yield ['In 5 to 10 days.', 5, 10, null];
        yield ['In 14 days.', 14, 14, null];
        yield ['In 2 days or later.', 2, null, null];
        yield ['In 5 to 10 days, once the result is there.', 5, 10, LookAgain::RESULT];
        yield ['Within 7 days, once the result is there.', null, 7, LookAgain::RESULT];
        yield ['', null, null, null];
        yield ['Once the knee has been seen there.', null, null, LookAgain::SEEN_THERE];
    }
}

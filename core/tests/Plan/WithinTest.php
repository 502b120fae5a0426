<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\Urgency;
use PHPUnit\Framework\TestCase;

/** The ladder of times, worst first. */
final class WithinTest extends TestCase
{
    public function test_each_time_is_followed_by_the_next_and_the_last_by_none(): void
    {
        $cases = Within::cases();
        self::assertSame([...array_slice($cases, 1), null], array_map(static fn (Within $one): ?Within => $one->later(), $cases));
        self::assertSame(array_keys($cases), array_map(static fn (Within $one): int => $one->rank(), $cases));
    }

    public function test_each_urgency_has_its_time(): void
    {
        self::assertSame(Within::cases(), array_map(Within::by(...), Urgency::cases()));
    }
}

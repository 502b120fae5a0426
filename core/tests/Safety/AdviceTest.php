<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Safety;

use GrayCompass\Core\Safety\Advice;
use GrayCompass\Core\Safety\Bend;
use GrayCompass\Core\Safety\Weight;
use GrayCompass\Core\Sentences\Sentence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Of two pieces of advice the stricter part holds, whichever comes first. */
final class AdviceTest extends TestCase
{
    /**
     * @return iterable<string, array{bool|null, bool|null, bool|null}> one, the other, both together
     */
    public static function driving(): iterable
    {
        yield 'nothing said' => [null, null, null];
        yield 'one forbids it' => [false, null, false];
        yield 'one forbids it, the other allows it' => [false, true, false];
        yield 'both forbid it' => [false, false, false];
        yield 'one allows it' => [true, null, true];
        yield 'both allow it' => [true, true, true];
    }

    #[DataProvider('driving')]
    public function test_nobody_drives_whom_one_forbids_it(?bool $one, ?bool $other, ?bool $together): void
    {
        self::assertSame($together, (new Advice(drive: $one))->and(new Advice(drive: $other))->drive);
        self::assertSame($together, (new Advice(drive: $other))->and(new Advice(drive: $one))->drive);
    }

    public function test_less_weight_and_less_bend_hold_and_the_more_urgent_one_says_how_the_knee_is_held(): void
    {
        $splint = new Sentence('leg.limb_threat');
        $strict = new Advice(Weight::None, $splint, Bend::DoNot);
        $loose = new Advice(Weight::ShortWays, new Sentence('leg.severe_pain'), Bend::AsItAllows);
        self::assertEquals($strict, $strict->and($loose));
        self::assertEquals(new Advice(Weight::None, $loose->knee, Bend::DoNot), $loose->and($strict));
        self::assertEquals($strict, (new Advice)->and($strict));
        self::assertEquals($strict, $strict->and(new Advice));
    }
}

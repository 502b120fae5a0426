<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Tests;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use GrayCompass\Learning\Learning;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Cases broken at random, from a fixed seed: each has figures that can be written, or is refused by its place. */
final class FuzzTest extends TestCase
{
    private const CASES = 3000;

    private const SEED = 20261203;

    private const ODD = [null, 0, 1, -1, 0.5, 1e300, -1e300, 1e-300, '', 'x', true, 0.999999, 1e9, 2, 0.0005];

    public function test_no_case_breaks_the_arithmetic(): void
    {
        $figures = new SeededFigures(self::SEED);
        $texts = [];
        foreach (GoldenTest::cases() as [$case]) {
            $texts[] = Json::write($case);
        }
        $computed = $refused = 0;
        for ($round = 0; $round < self::CASES; $round++) {
            $case = json_decode($texts[$figures->whole(0, \count($texts) - 1)]);
            for ($times = $figures->whole(1, 2); $times > 0; $times--) {
                $case = self::broken($case, $figures);
            }
            try {
                self::assertNotSame('', Json::write(Learning::compute($case)));
                $computed++;
            } catch (Refusal $refusal) {
                self::assertNotSame('', $refusal->reason);
                $refused++;
            }
        }
        self::assertGreaterThan(self::CASES / 4, \min($computed, $refused));
    }

    private static function broken(mixed $value, SeededFigures $figures): mixed
    {
        $inside = $value instanceof stdClass ? get_object_vars($value) : $value;
        if (! \is_array($inside)) {
            return self::ODD[$figures->whole(0, \count(self::ODD) - 1)];
        }
        $keys = array_keys($inside);
        if ($keys !== [] && $figures->whole(0, 99) < 95) {
            $key = $keys[$figures->whole(0, \count($keys) - 1)];
            $inside[$key] = self::broken($inside[$key], $figures);
        } else {
            $inside = $figures->whole(0, 1) === 0 ? [] : \array_slice($inside, 1, preserve_keys: true);
        }

        return $value instanceof stdClass ? (object) $inside : array_values($inside);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Tests;

use GrayCompass\Document\Json;
use GrayCompass\Learning\Learning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Twenty-nine worked cases, each computed before by two implementations written apart. */
final class GoldenTest extends TestCase
{
    private const CLOSE = 1e-6;

    #[DataProvider('cases')]
    public function test_a_worked_case_comes_out(stdClass $case): void
    {
        $told = Json::read(Json::write(Learning::compute($case)));
        self::assertEqualsWithDelta($case->expected, $told, self::CLOSE);
        self::assertSame(array_keys((array) $case->expected), array_keys((array) $told));
    }

    /** @return iterable<string, array{stdClass}> */
    public static function cases(): iterable
    {
        foreach (glob(__DIR__.'/../data/*.json') ?: [] as $file) {
            foreach (json_decode((string) file_get_contents($file))->cases as $case) {
                yield $case->id => [$case];
            }
        }
    }
}

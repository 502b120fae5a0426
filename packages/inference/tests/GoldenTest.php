<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;
use GrayCompass\Inference\Wire\WeighedWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The worked examples of data/golden, figure by figure. */
final class GoldenTest extends TestCase
{
    private const TOLERANCE = 1e-6;

    private const INTERVAL_TOLERANCE = 1e-4;

    /**
     * @return iterable<string, array{string}>
     */
    public static function examples(): iterable
    {
        foreach (glob(__DIR__.'/../data/golden/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('examples')]
    public function test_a_worked_example_comes_out_as_written(string $file): void
    {
        $example = json_decode((string) file_get_contents($file), false, 32, JSON_THROW_ON_ERROR);
        $expected = json_decode((string) json_encode($example->expected), true);
        $actual = WeighedWriter::write(Weighing::of(ProblemReader::read($example->input)));

        self::assertSameFigures($expected, $actual, '');
    }

    public function test_all_ten_examples_are_there(): void
    {
        self::assertCount(10, iterator_to_array(self::examples()));
    }

    private static function assertSameFigures(mixed $expected, mixed $actual, string $path): void
    {
        if (is_array($expected)) {
            self::assertIsArray($actual, $path);
            self::assertSame(array_keys($expected), array_keys($actual), $path);
            foreach ($expected as $key => $value) {
                self::assertSameFigures($value, $actual[$key], "{$path}.{$key}");
            }
        } elseif (is_float($expected) || is_int($expected)) {
            self::assertEqualsWithDelta(
                $expected,
                $actual,
                str_contains($path, '.interval') ? self::INTERVAL_TOLERANCE : self::TOLERANCE,
                $path,
            );
        } else {
            self::assertSame($expected, $actual, $path);
        }
    }
}

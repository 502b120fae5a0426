<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Scales;

use GrayCompass\Document\Json;
use GrayCompass\Inference\Readings\WeighedChance;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;
use PHPUnit\Framework\TestCase;

/** The knee that docs/method.md works through comes out as the text says. */
final class MethodTest extends TestCase
{
    private const DOCS = __DIR__.'/../../../docs';

    public function test_the_worked_example_says_what_the_core_says(): void
    {
        $chance = $this->acl();
        $text = (string) file_get_contents(self::DOCS.'/method.md');
        $percent = static fn (float $chance, int $digits): string => number_format(100 * $chance, $digits);
        foreach ([
            "**{$percent($chance->posttest, 1)} in 100**",
            "textbook product ({$percent($chance->textbook, 1)})",
            "strongest test alone ({$percent($chance->strongest, 1)})",
            "between **{$percent($chance->interval[0], 0)} and {$percent($chance->interval[1], 0)} in 100**",
            number_format($chance->interval[0], 3).' to '.number_format($chance->interval[1], 3),
            'a chance of '.number_format($chance->posttest, 4),
        ] as $words) {
            self::assertStringContainsString($words, $text);
        }
    }

    public function test_the_table_of_variances_adds_up_to_the_interval(): void
    {
        preg_match_all(
            '/^\| [^|]+\| [\d.]+ \| [^|]+\| ([\d.]+) \|$/m',
            (string) file_get_contents(self::DOCS.'/method.md'),
            $rows,
        );
        self::assertCount(5, $rows[1]);
        $chance = $this->acl();
        $logit = static fn (float $p): float => log($p / (1 - $p));
        $sd = ($logit($chance->interval[1]) - $logit($chance->interval[0])) / (2 * 1.959963984540054);
        self::assertEqualsWithDelta($sd ** 2, array_sum(array_map(floatval(...), $rows[1])), 3e-4);
    }

    private function acl(): WeighedChance
    {
        return Weighing::of(ProblemReader::read(Json::read((string) file_get_contents(
            self::DOCS.'/examples/lachman-and-drawer.json',
        ))))->conditions[0];
    }
}

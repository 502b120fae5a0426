<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** No two rooms know each other, and docs/architecture.md shows the house as it is. */
final class ArrowsTest extends TestCase
{
    public function test_no_arrow_runs_back(): void
    {
        $arrows = Arrows::counted();
        foreach ($arrows as $from => $targets) {
            foreach (array_keys($targets) as $to) {
                self::assertArrayNotHasKey($from, $arrows[$to] ?? [], "{$from} and {$to} know each other");
            }
        }
        self::assertNotEmpty($arrows);
    }

    public function test_the_picture_of_the_rooms_is_current(): void
    {
        $text = (string) file_get_contents(__DIR__.'/../../../docs/architecture.md');
        self::assertStringContainsString(Arrows::picture(), $text, 'docs/architecture.md is stale: run bin/draw-rooms');
    }
}

<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The domains are known one way, and docs/architecture.md shows them as they are. */
final class ArrowsTest extends TestCase
{
    public function test_no_arrow_runs_back(): void
    {
        foreach (Arrows::counted() as $domain => $known) {
            $place = (int) array_search($domain, Rooms::DOMAINS, true);
            self::assertSame([], array_diff(array_keys($known), array_slice(Rooms::DOMAINS, 0, $place)), $domain);
        }
        self::assertArrayHasKey('Access', Arrows::counted()['Clinic']);
    }

    public function test_the_table_of_the_domains_is_current(): void
    {
        $text = (string) file_get_contents(__DIR__.'/../../docs/architecture.md');
        self::assertStringContainsString(Arrows::picture(), $text, 'docs/architecture.md is stale: run bin/draw-rooms');
    }
}

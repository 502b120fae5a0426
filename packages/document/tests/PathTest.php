<?php

declare(strict_types=1);

namespace GrayCompass\Document\Tests;

use GrayCompass\Document\Path;
use PHPUnit\Framework\TestCase;

final class PathTest extends TestCase
{
    public function test_a_value_is_found_by_its_place_and_nothing_where_there_is_none(): void
    {
        $document = (object) ['entry' => [(object) ['a' => 1], (object) ['resource' => (object) ['code' => ['x', null]]]]];
        self::assertSame('x', Path::value($document, 'entry[1].resource.code[0]'));
        self::assertSame($document, Path::value($document, ''));
        foreach (['entry[2]', 'entry[0].a.b', 'entry[1].resource.code[1]', 'other', 'entry.x'] as $path) {
            self::assertNull(Path::value($document, $path));
        }
    }
}

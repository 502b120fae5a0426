<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** A clinical limit without a source is a guess that looks like knowledge. */
final class SourcesTest extends TestCase
{
    /** Rooms that read and write documents, or draw virtual knees, hold no clinical limits. */
    private const WITHOUT_LIMITS = ['Wire', 'Simulation', 'Assessed'];

    private const SAYS_WHERE_FROM = '/working estimate|Stiell|IKDC|AMA \\d{4}|source/i';

    /** Rounding, and places in a list. */
    private const NO_LIMITS = ['Record.php'];

    public function test_every_limit_says_its_source_or_that_it_is_a_working_estimate(): void
    {
        $limits = 0;
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            __DIR__.'/../../src',
            \FilesystemIterator::SKIP_DOTS,
        ));
        foreach ($files as $file) {
            $place = substr((string) $file, strlen(__DIR__.'/../../src/'));
            $text = (string) file_get_contents((string) $file);
            $found = preg_match_all('/const [A-Z_]+ = -?[0-9.]+;|public float \$\w+ = [0-9.]+,/', $text);
            $excused = in_array(explode('/', $place)[0], self::WITHOUT_LIMITS, true)
                || in_array(basename($place), self::NO_LIMITS, true);
            if ($found > 0 && ! $excused) {
                self::assertMatchesRegularExpression(self::SAYS_WHERE_FROM, $text, $place);
                $limits += $found;
            }
        }
        self::assertGreaterThan(50, $limits);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Evidence;

use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Knee\Phase;
use PHPUnit\Framework\TestCase;

/** What was parsed before says the same as the files, and takes their place whole. */
final class ParsedFiguresTest extends TestCase
{
    public function test_figures_that_were_parsed_before_need_no_file_and_say_the_same(): void
    {
        $parsed = (new Figures)->parsed();
        $kept = new Figures(folder: '/nowhere', parsed: $parsed);
        self::assertEquals((new Figures)->document(), $kept->document());
        self::assertEquals((new Figures)->evidence(), $kept->evidence());
        self::assertEquals((new Figures)->simulation(), $kept->simulation());
    }

    public function test_figures_have_the_same_digest_whether_its_rows_were_printed_before_or_now(): void
    {
        $fresh = new Figures;
        $kept = new Figures(folder: '/nowhere', parsed: $fresh->parsed());
        foreach (EvidenceChoice::cases() as $choice) {
            foreach (Phase::cases() as $phase) {
                $rows = new EvidenceLibrary($fresh->evidence(), $choice, $phase);
                self::assertSame($fresh->digest($rows), $kept->digest($rows), $rows->name());
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Catalogue;

use GrayCompass\Core\Catalogue\Question;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** What a yes says before anything is judged is what the rules say once it is. */
final class AlarmsTest extends TestCase
{
    public function test_every_answer_that_is_an_emergency_has_its_words_at_once(): void
    {
        $asked = 0;
        foreach ((new Figures)->document()['questions']['safety'] as $question) {
            $lines = Knee::hurt()->with('daysSinceInjury', 0)->with('safety', [$question['key'] => true])
                ->assessed()->bearings->gate->lines;
            $emergencies = array_map(
                static fn (SafetyLine $line): string => $line->sheet->say,
                array_filter($lines, static fn (SafetyLine $line): bool => $line->urgency === Urgency::Emergency),
            );
            self::assertSame(array_values($emergencies)[0] ?? null, $question['alarm'], $question['key']);
            $asked += $emergencies === [] ? 0 : 1;
        }
        self::assertSame(9, $asked);
        self::assertSame('', (new Question('pop', 'A pop?'))->alarm);
    }
}

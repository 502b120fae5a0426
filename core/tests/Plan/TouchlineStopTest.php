<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** Once it is known that an athlete stops, it is said, and nobody hops or runs any more. */
final class TouchlineStopTest extends TestCase
{
    private const LOOSE = ['translationMm' => 10, 'endFeel' => 'soft'];

    private const TIGHT = ['translationMm' => 3, 'endFeel' => 'firm'];

    public function test_a_positive_cruciate_test_settles_it_and_spares_the_knee(): void
    {
        $open = self::touchline();
        self::assertNull($open->assessed()->plan->play->settledBy);
        self::assertContains('hop', $open->route());
        $loose = $open->found('lachman', self::LOOSE, self::TIGHT);
        self::assertSame('A cruciate test is positive.', English::of($loose->assessed()->plan->play->settledBy));
        self::assertSame([], array_intersect(['hop', 'run_cut_stop'], $loose->route()));
        self::assertSame([], array_intersect(['hop', 'run_cut_stop'], self::next($loose)));
        self::assertContains('gait', $loose->route());
        self::assertNotContains('Hopping was not done.', English::each($loose->assessed()->plan->play->why));
    }

    public function test_a_line_settles_it_too(): void
    {
        $broken = self::touchline()->with('safety', [...Knee::CLEAR, 'deformity' => true]);
        self::assertSame('The safety check raised a red flag.', English::of($broken->assessed()->plan->play->settledBy));
        self::assertSame([], array_intersect(['hop', 'run_cut_stop'], $broken->route()));
    }

    public function test_what_was_not_asked_yet_settles_nothing(): void
    {
        $asked = Knee::hurt()->with('route', 'touchline')->with('setting', 'touchline')->with('daysSinceInjury', 0);
        self::assertSame('stop', $asked->assessed()->plan->play->answer->value);
        self::assertNull($asked->assessed()->plan->play->settledBy);
        self::assertNull(self::touchline()->found('lachman', ['translationMm' => 4], self::TIGHT)
            ->assessed()->plan->play->settledBy);
    }

    public function test_in_the_clinic_loading_goes_on(): void
    {
        $loose = Knee::hurt()->answered()->with('route', 'clinic_full')->found('lachman', self::LOOSE, self::TIGHT);
        self::assertNull($loose->assessed()->plan->play->settledBy);
    }

    private static function touchline(): Knee
    {
        return Knee::hurt()->answered()->with('route', 'touchline')->with('setting', 'touchline')
            ->with('daysSinceInjury', 0);
    }

    /**
     * @return list<string|null>
     */
    private static function next(Knee $knee): array
    {
        return array_column($knee->assessed()->nextTests, 'manoeuvre');
    }
}

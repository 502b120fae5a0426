<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The fluid signs together, by both schools. */
final class FluidTest extends TestCase
{
    /**
     * Sweep, tap, fluctuation, outcome, grade, millilitres by the sweep first, by the tap first.
     *
     * @return iterable<array{string|null, string|null, bool|null, string, float|null, list<float|null>|null, list<float|null>|null}>
     */
    public static function signs(): iterable
    {
        yield ['none', null, null, 'negative', 0.0, [0.0, 2.0], [0.0, 2.0]];
        yield ['none', 'moves_only', false, 'negative', 0.0, [0.0, 2.0], [0.0, 2.0]];
        yield ['trace', 'still', null, 'equivocal', 0.5, [3.0, 5.0], [2.0, 3.0]];
        yield ['bulge', null, null, 'positive', 1.0, [5.0, 25.0], [5.0, 25.0]];
        yield ['refills', null, null, 'positive', 2.0, [25.0, 50.0], [5.0, 25.0]];
        yield ['refills', 'taps', null, 'positive', 2.0, [25.0, 50.0], [25.0, null]];
        yield ['cannot_empty', 'taps', null, 'positive', 3.0, [50.0, null], [25.0, null]];
        yield ['none', 'taps', null, 'positive', 2.0, [25.0, 50.0], [3.0, 5.0]];
        yield [null, 'taps', null, 'positive', 2.0, [25.0, 50.0], [3.0, 5.0]];
        yield [null, null, true, 'positive', null, [5.0, null], [5.0, null]];
    }

    /**
     * @param  array{float, float|null}|null  $sweepFirst
     * @param  array{float, float|null}|null  $tapFirst
     */
    #[DataProvider('signs')]
    public function test_signs_are_read_together(
        ?string $sweep,
        ?string $tap,
        ?bool $crosses,
        string $outcome,
        ?float $grade,
        ?array $sweepFirst,
        ?array $tapFirst,
    ): void
    {
        foreach (['sweep_first' => $sweepFirst, 'tap_first' => $tapFirst] as $school => $millilitres) {
            $knee = $this->knee($sweep, $tap, $crosses)->with('schools', ['effusion' => $school]);
            self::assertSame($outcome, $knee->reads('effusion'));
            self::assertSame($grade, $knee->assessed()->bearings->grading->effusion?->grade);
            self::assertSame($millilitres, $knee->assessed()->bearings->grading->effusion?->millilitres);
        }
    }

    public function test_a_still_kneecap_without_a_sweep_answers_nothing(): void
    {
        foreach ([$this->knee(null, 'still', null), $this->knee(null, null, false), Knee::hurt()] as $knee) {
            self::assertNull($knee->assessed()->bearings->grading->effusion);
            self::assertSame('', $knee->reads('effusion'));
        }
    }

    public function test_blood_is_likely_when_a_swollen_knee_swelled_within_two_hours(): void
    {
        $swollen = $this->knee('bulge', null, null);
        self::assertFalse($swollen->assessed()->bearings->grading->effusion?->bloodLikely);
        self::assertTrue(
            $swollen->with(
                'history',
                ['swellingOnset' => 'within_2_hours'],
            )->assessed()->bearings->grading->effusion?->bloodLikely,
        );
    }

    public function test_blood_shows_by_time_and_amount_too(): void
    {
        $likely = static fn (Knee $knee): bool => $knee->assessed()->bearings->bloodLikely();
        $today = static fn (string $grade, ?float $hours): Knee =>
            Knee::hurt()->with('daysSinceInjury', 0)->with('hoursSinceInjury', $hours)->found(
            'effusion_sweep',
            ['grade' => $grade],
        );
        self::assertSame(
            [true, false, true, false],
            array_map(
                $likely,
                [$today('bulge', 4), $today('bulge', 4.1), $today('refills', null), $today('bulge', null)],
            ),
        );
        self::assertTrue(
            $likely(Knee::hurt()->with('history', ['swellingOnset' => 'within_2_hours'])),
            'told, and no fluid test done',
        );
        self::assertFalse($likely(Knee::hurt()->with('history', ['swellingOnset' => 'within_2_hours'])->found(
            'effusion_sweep',
            ['grade' => 'none'],
        )));
        foreach (['blood' => true, 'blood_and_fat' => true, 'clear' => false, 'cloudy' => false] as $drawn => $is) {
            self::assertSame(
                $is,
                $likely(Knee::hurt()->with('daysSinceInjury', 42)->with('episode', ['fluidDrawn' => $drawn])),
                $drawn,
            );
            self::assertFalse(
                $likely(Knee::hurt()->with('daysSinceInjury', 43)->with('episode', ['fluidDrawn' => $drawn])),
                "{$drawn}, late",
            );
        }
    }

    public function test_a_dry_knee_within_two_hours_is_too_early_to_call(): void
    {
        self::assertSame(
            'negative too_early',
            $this->knee('none', null, null)->with('daysSinceInjury', 0)->with('hoursSinceInjury', 1)->reads('effusion'),
        );
        self::assertSame(
            'negative',
            $this->knee('none', null, null)->with('daysSinceInjury', 0)->with('hoursSinceInjury', 2)->reads('effusion'),
        );
        self::assertSame(
            'positive',
            $this->knee('bulge', null, null)->with('daysSinceInjury', 0)->with(
                'hoursSinceInjury',
                1,
            )->reads('effusion'),
        );
    }

    private function knee(?string $sweep, ?string $tap, ?bool $crosses): Knee
    {
        $knee = Knee::hurt();
        if ($sweep !== null) {
            $knee->found('effusion_sweep', ['grade' => $sweep]);
        }
        if ($tap !== null) {
            $knee->found('patellar_tap', ['result' => $tap]);
        }
        if ($crosses !== null) {
            $knee->found('fluctuation', ['crossesFluid' => $crosses]);
        }

        return $knee;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The three schools of laxity, at and around each of their limits. */
final class LaxityTest extends TestCase
{
    /**
     * @return iterable<array{string, float, string, float, string, string, int}> school, hurt mm, its end, other mm, its end, outcome, grade
     */
    public static function laxities(): iterable
    {
        $side = 'side_difference';
        yield [$side, 4.9, 'firm', 3, 'firm', 'negative', 0];
        yield [$side, 5, 'firm', 3, 'firm', 'equivocal within_hand_error', null];
        yield [$side, 5.9, 'firm', 3, 'firm', 'equivocal within_hand_error', null];
        yield [$side, 6, 'firm', 3, 'firm', 'positive', 1, 'slight'];
        yield [$side, 8, 'firm', 3, 'firm', 'positive', 1, 'slight'];
        yield [$side, 8.5, 'firm', 3, 'firm', 'positive', 2, 'clear'];
        yield [$side, 13, 'firm', 3, 'firm', 'positive', 2, 'clear'];
        yield [$side, 13.5, 'firm', 3, 'firm', 'positive', 3, 'gross'];
        yield [$side, 4, 'soft', 3, 'firm', 'positive', 1, 'slight'];
        yield [$side, 4, 'soft', 4, 'soft', 'negative other_knee_not_normal', 0];
        yield [$side, 4, 'absent', 4, 'soft', 'positive', 1, 'gross'];
        yield [$side, 12, 'firm', 11, 'firm', 'positive', 3, 'clear'];
        yield [$side, 10, 'firm', 11, 'firm', 'negative other_knee_not_normal', 0];
        yield [$side, 4, 'firm', 9, 'firm', 'negative other_knee_not_normal', 0];
        $five = 'five_millimetre';
        yield [$five, 5, 'firm', 3, 'firm', 'negative', 0];
        yield [$five, 5.5, 'firm', 3, 'firm', 'equivocal', null];
        yield [$five, 6, 'firm', 3, 'firm', 'positive', 2, 'slight'];
        yield [$five, 10.5, 'firm', 9, 'firm', 'positive', 3, 'gross'];
        yield [$five, 10, 'firm', 9, 'firm', 'equivocal', null];
        yield [$five, 10, 'soft', 9, 'firm', 'positive', 2, 'clear'];
        yield [$five, 4, 'soft', 3, 'firm', 'positive', 1, 'slight'];
        yield [$five, 4, 'soft', 4, 'firm', 'negative', 0];
        yield [$five, 4, 'absent', 4, 'firm', 'positive', 1, 'gross'];
        $gross = 'gross_shift';
        yield [$gross, 5.9, 'firm', 3, 'firm', 'negative', 0];
        yield [$gross, 6, 'firm', 3, 'firm', 'equivocal', null];
        yield [$gross, 17.9, 'soft', 3, 'firm', 'equivocal', null];
        yield [$gross, 18, 'firm', 3, 'firm', 'positive', 2, 'gross'];
        yield [$gross, 23.5, 'firm', 3, 'firm', 'positive', 3, 'gross'];
        yield [$gross, 8, 'absent', 3, 'firm', 'positive', 0, 'gross'];
    }

    #[DataProvider('laxities')]
    public function test_a_school_judges_and_grades(
        string $school,
        float $hurt,
        string $hurtEnd,
        float $other,
        string $otherEnd,
        string $outcome,
        ?int $grade,
        ?string $level = null,
    ): void
    {
        foreach (['lachman', 'anterior_drawer', 'posterior_drawer'] as $manoeuvre) {
            $knee = Knee::hurt()->with('schools', ['laxity' => $school])
                ->found(
                    $manoeuvre,
                    ['translationMm' => $hurt, 'endFeel' => $hurtEnd],
                    ['translationMm' => $other, 'endFeel' => $otherEnd],
                );
            self::assertSame($outcome, $knee->reads($manoeuvre));
            self::assertSame($grade, $knee->measured($manoeuvre)->grade);
            self::assertEqualsWithDelta($hurt - $other, $knee->measured($manoeuvre)->difference, 1e-6);
            self::assertSame(in_array($outcome, ['positive', 'negative'], true), $knee->result($manoeuvre)->counts());
            if ($level !== null) {
                self::assertSame($level, $knee->result($manoeuvre)->reading->level?->value);
            }
        }
    }

    /**
     * @return iterable<array{float|null, string|null, string, int|null}> hurt mm, its end, outcome, grade
     */
    public static function alone(): iterable
    {
        yield [5, 'firm', 'negative', 0];
        yield [6, 'firm', 'equivocal', null];
        yield [6, 'soft', 'positive', 2];
        yield [4, 'soft', 'positive', 1];
        yield [10.5, 'firm', 'positive', 3];
        yield [null, 'absent', 'positive', 1];
    }

    #[DataProvider('alone')]
    public function test_without_the_other_knee_the_figure_stands_alone_and_is_provisional(
        ?float $hurt,
        ?string $end,
        string $outcome,
        ?int $grade,
    ): void
    {
        $finding = array_filter(
            ['translationMm' => $hurt, 'endFeel' => $end],
            static fn (mixed $value): bool => $value !== null,
        );
        $unreliable = Knee::hurt()->with('otherKneeReliable', false)->found(
            'lachman',
            $finding,
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        foreach ([Knee::hurt()->found('lachman', $finding), $unreliable] as $knee) {
            self::assertSame($outcome, $knee->reads('lachman'));
            self::assertSame($grade, $knee->measured('lachman')->grade);
            self::assertTrue($knee->measured('lachman')->provisional);
        }
    }

    public function test_a_firm_end_without_a_distance_says_nothing(): void
    {
        self::assertSame('', Knee::hurt()->found('lachman', ['endFeel' => 'firm'])->reads('lachman'));
    }

    /**
     * @return iterable<array{string, string, int}>
     */
    public static function bands(): iterable
    {
        yield ['same', 'negative', 0];
        yield ['slight', 'positive', 1];
        yield ['clear', 'positive', 2];
        yield ['gross', 'positive', 3];
    }

    #[DataProvider('bands')]
    public function test_a_band_reads_alike_under_every_school_and_is_an_estimate(
        string $band,
        string $outcome,
        int $grade,
    ): void
    {
        foreach (['side_difference', 'five_millimetre', 'gross_shift'] as $school) {
            $knee = Knee::hurt()->with('schools', ['laxity' => $school])->found('lachman', ['differenceBand' => $band]);
            self::assertSame($outcome, $knee->reads('lachman'));
            self::assertSame(
                [$grade, true, false],
                [
                    $knee->measured('lachman')->grade,
                    $knee->measured('lachman')->estimate,
                    $knee->measured('lachman')->provisional,
                ],
            );
        }
        self::assertSame(
            'positive',
            Knee::hurt()->found('lachman', ['differenceBand' => $band, 'endFeel' => 'absent'])->reads('lachman'),
        );
    }

    public function test_a_band_against_an_other_knee_that_was_hurt_is_provisional(): void
    {
        $knee = Knee::hurt()->with('otherKneeReliable', false)->found('lachman', ['differenceBand' => 'clear']);
        self::assertTrue($knee->measured('lachman')->provisional);
    }

    public function test_a_band_and_its_end_feel_set_the_level(): void
    {
        $level = static fn (array $finding): ?string => Knee::hurt()->found(
            'lachman',
            $finding,
        )->result('lachman')->reading->level?->value;
        self::assertSame(
            ['slight', 'clear', 'gross'],
            array_map(
                static fn (string $band): ?string => $level(['differenceBand' => $band]),
                ['slight', 'clear', 'gross'],
            ),
        );
        self::assertSame('clear', $level(['differenceBand' => 'slight', 'endFeel' => 'soft']));
        self::assertSame('slight', $level(['differenceBand' => 'same', 'endFeel' => 'soft']));
        self::assertSame('gross', $level(['differenceBand' => 'same', 'endFeel' => 'absent']));
    }

    public function test_alone_a_knee_is_never_gross(): void
    {
        $level = static fn (array $finding): ?string => Knee::hurt()->found(
            'lachman',
            $finding,
        )->result('lachman')->reading->level?->value;
        self::assertSame('clear', $level(['translationMm' => 20, 'endFeel' => 'absent']));
        self::assertSame('slight', $level(['translationMm' => 6, 'endFeel' => 'soft']));
    }

    public function test_the_arthrometer_has_levels_and_no_margin(): void
    {
        $pulled = static fn (float $mm): SettledResult => Knee::hurt()->found(
            'arthrometer',
            ['forceN' => 134, 'translationMm' => $mm],
            ['forceN' => 134, 'translationMm' => 4],
        )->result('arthrometer_difference');
        self::assertSame('negative', $pulled(6.9)->reading->outcome->value);
        self::assertNull($pulled(6.9)->exclusion);
        self::assertSame(
            ['slight', 'clear', 'gross'],
            array_map(static fn (float $mm): ?string => $pulled($mm)->reading->level?->value, [7.0, 9.5, 14.5]),
        );
    }

    public function test_the_brisk_end_feel_is_the_one_that_counts(): void
    {
        $knee = Knee::hurt()->found(
            'lachman',
            ['translationMm' => 4, 'endFeel' => 'firm', 'endFeelFast' => 'soft'],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        self::assertSame('positive', $knee->reads('lachman'));
    }

    public function test_two_normal_knees_differ_by_nothing(): void
    {
        $knee = Knee::hurt()->found('lachman', ['normal' => true], ['normal' => true]);
        self::assertSame('negative', $knee->reads('lachman'));
        self::assertSame(
            [0.0, 0, false],
            [
                $knee->measured('lachman')->difference,
                $knee->measured('lachman')->grade,
                $knee->measured('lachman')->provisional,
            ],
        );
    }

    public function test_a_turned_foot_shows_which_corner_is_loose_too(): void
    {
        $drawn = static fn (array $turned): array => Knee::hurt()->found(
            'anterior_drawer',
            ['translationMm' => 6, ...$turned],
            ['translationMm' => 3],
        )->remarks();
        self::assertContains('anteromedial_corner', $drawn(['outwardMm' => 9]));
        self::assertContains('anterolateral_corner', $drawn(['inwardMm' => 9]));
        self::assertNotContains('anteromedial_corner', $drawn(['outwardMm' => 8.5]));
    }
}

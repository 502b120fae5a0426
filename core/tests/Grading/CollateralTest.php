<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Verdict\CollateralReading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Valgus and varus by both schools, and what 0° and 30° say together. */
final class CollateralTest extends TestCase
{
    /**
     * @return iterable<array{string, float, string, int, string, int|null, 5?: string}> school, difference, end, pain,
     *                                                                            outcome, grade, level
     */
    public static function openings(): iterable
    {
        $three = 'three_band';
        yield [$three, 1.9, 'firm', 0, 'negative', 0];
        yield [$three, 2.5, 'firm', 0, 'equivocal within_hand_error', null];
        yield [$three, 2.5, 'firm', 3, 'negative', 1];
        yield [$three, 3, 'firm', 0, 'positive', 1, 'slight'];
        yield [$three, 4.5, 'firm', 3, 'positive', 1, 'slight'];
        yield [$three, 2, 'soft', 0, 'positive', 1, 'slight'];
        yield [$three, 3, 'soft', 0, 'positive', 2, 'clear'];
        yield [$three, 5, 'firm', 0, 'positive', 2, 'clear'];
        yield [$three, 10, 'firm', 0, 'positive', 2, 'clear'];
        yield [$three, 10.5, 'firm', 0, 'positive', 3, 'gross'];
        yield [$three, 2, 'absent', 0, 'positive', 3, 'gross'];
        $centimetre = 'centimetre';
        yield [$centimetre, 2.5, 'firm', 3, 'negative', 0];
        yield [$centimetre, 3, 'firm', 0, 'equivocal', null];
        yield [$centimetre, 10, 'soft', 0, 'equivocal', null];
        yield [$centimetre, 10.5, 'firm', 0, 'positive', 3, 'gross'];
        yield [$centimetre, 1, 'absent', 0, 'positive', 3, 'gross'];
    }

    #[DataProvider('openings')]
    public function test_a_school_judges_and_grades(
        string $school,
        float $difference,
        string $end,
        int $pain,
        string $reads,
        ?int $grade,
        ?string $level = null,
    ): void
    {
        foreach (['valgus_0', 'valgus_30', 'varus_0', 'varus_30'] as $manoeuvre) {
            $knee = Knee::hurt()->with('schools', ['collateral' => $school])
                ->found(
                    $manoeuvre,
                    ['openingMm' => 3 + $difference, 'endFeel' => $end, 'pain' => $pain],
                    ['openingMm' => 3, 'endFeel' => 'firm'],
                );
            self::assertSame($reads, $knee->reads("{$manoeuvre}_laxity"), $manoeuvre);
            self::assertSame($grade, $knee->measured($manoeuvre)->grade, $manoeuvre);
            self::assertSame($level, $knee->result("{$manoeuvre}_laxity")->reading->level?->value, $manoeuvre);
        }
    }

    public function test_pain_counts_on_the_stretched_side_only(): void
    {
        $pain = static fn (array $finding): string => Knee::hurt()->found(
            'valgus_30',
            ['openingMm' => 3, 'endFeel' => 'firm', ...$finding],
            ['openingMm' => 3],
        )->reads('valgus_30_pain');
        self::assertSame('positive', $pain(['pain' => 1]));
        self::assertSame('positive', $pain(['pain' => 4, 'painSite' => 'medial']));
        self::assertSame('negative', $pain(['pain' => 4, 'painSite' => 'lateral']));
        self::assertSame('negative', $pain(['pain' => 0]));
        self::assertSame('', $pain([]));
        self::assertSame('negative', Knee::hurt()->found('valgus_30', ['normal' => true])->reads('valgus_30_pain'));
    }

    public function test_the_angle_decides_whether_the_figures_apply(): void
    {
        foreach (['valgus_0' => [2 => 'valgus_0_laxity', 3 => 'valgus_30_laxity'], 'varus_30' => [14 => 'varus_30_laxity', 15 => 'varus_30_laxity']] as $manoeuvre => $angles) {
            foreach ($angles as $angle => $sign) {
                $loose = Knee::hurt()->found($manoeuvre, ['openingMm' => 9, 'angleDeg' => $angle], ['openingMm' => 3]);
                self::assertSame('positive', $loose->reads($sign), "{$manoeuvre} at {$angle}°");
            }
        }
        $firm = static fn (int $angle): string => Knee::hurt()->found(
            'varus_30',
            ['openingMm' => 3, 'endFeel' => 'firm', 'angleDeg' => $angle],
            ['openingMm' => 3],
        )->reads('varus_30_laxity');
        self::assertSame(
            ['negative angle_between', 'negative', 'negative', 'negative', 'negative', 'negative angle_between'],
            array_map($firm, [4, 5, 14, 15, 35, 36]),
        );
        self::assertContains(
            'angle_between',
            Knee::hurt()->found('valgus_0', ['openingMm' => 9, 'angleDeg' => 10], ['openingMm' => 3])->remarks(),
        );
    }

    public function test_a_borrowed_positive_never_takes_the_place_of_the_real_one(): void
    {
        $knee = Knee::hurt()->found(
            'valgus_0',
            ['openingMm' => 8, 'angleDeg' => 10],
            ['openingMm' => 3],
        )->found('valgus_30', ['openingMm' => 15], ['openingMm' => 3]);
        $read = array_map(
            static fn (SettledResult $result): string => trim(
                "{$result->reading->manoeuvre()} {$result->reading->sign} {$result->exclusion?->value}",
            ),
            $knee->assessed()->bearings->results->results,
        );
        self::assertContains('valgus_0 valgus_30_laxity done_twice', $read);
        self::assertContains('valgus_30 valgus_30_laxity', $read);
    }

    public function test_a_soft_end_counts_against_a_firm_other_knee_only(): void
    {
        $soft = ['openingMm' => 4, 'endFeel' => 'soft'];
        self::assertSame(
            'negative other_knee_not_normal',
            Knee::hurt()->found('valgus_30', $soft, $soft)->reads('valgus_30_laxity'),
        );
        self::assertSame('positive', Knee::hurt()->found('valgus_30', $soft)->reads('valgus_30_laxity'));
        self::assertTrue(Knee::hurt()->found('valgus_30', $soft)->result('valgus_30_laxity')->reading->provisional);
        self::assertContains(
            'end_feel_alone',
            Knee::hurt()->found('valgus_30', $soft, ['openingMm' => 4, 'endFeel' => 'firm'])->remarks(),
        );
        self::assertContains('other_knee_not_normal', Knee::hurt()->found('valgus_30', $soft, $soft)->remarks());
    }

    public function test_alone_an_opening_counts_from_a_centimetre(): void
    {
        $alone = static fn (float $mm): string => Knee::hurt()->found(
            'varus_30',
            ['openingMm' => $mm, 'endFeel' => 'firm'],
        )->reads('varus_30_laxity');
        self::assertSame(['negative', 'equivocal', 'equivocal', 'positive'], array_map($alone, [4.9, 5.0, 9.9, 10.0]));
        self::assertSame(
            'negative other_knee_not_normal',
            Knee::hurt()->found(
                'varus_30',
                ['openingMm' => 8, 'endFeel' => 'firm'],
                ['openingMm' => 7, 'endFeel' => 'firm'],
            )->reads('varus_30_laxity'),
        );
        self::assertSame(
            'positive',
            Knee::hurt()->found(
                'varus_30',
                ['openingMm' => 11, 'endFeel' => 'firm'],
                ['openingMm' => 10, 'endFeel' => 'firm'],
            )->reads('varus_30_laxity'),
        );
    }

    public function test_absence_of_soreness_says_nothing_late_and_a_missing_cord_says_much(): void
    {
        $late = static fn (int $days): string => Knee::hurt()->with('daysSinceInjury', $days)->with(
            'setting',
            'older_trauma',
        )->found(
            'landmark_palpation',
            ['normal' => true],
        )->reads('mcl_tenderness');
        self::assertSame(['negative', 'negative too_late'], array_map($late, [10, 11]));
        self::assertSame(
            'positive',
            Knee::hurt()->found(
                'figure_four_lcl',
                ['cordFelt' => false, 'tender' => false],
                ['cordFelt' => true],
            )->reads('lcl_tenderness'),
        );
        self::assertSame(
            'negative',
            Knee::hurt()->found(
                'figure_four_lcl',
                ['cordFelt' => false, 'tender' => false],
                ['cordFelt' => false],
            )->reads('lcl_tenderness'),
        );
    }

    public function test_bands_take_pain_and_end_feel_along(): void
    {
        $grade = static fn (array $finding): ?int => Knee::hurt()->found(
            'valgus_30',
            $finding,
        )->measured('valgus_30')->grade;
        self::assertSame(0, $grade(['differenceBand' => 'same']));
        self::assertSame(1, $grade(['differenceBand' => 'same', 'pain' => 3]));
        self::assertSame(2, $grade(['differenceBand' => 'slight', 'endFeel' => 'soft']));
        self::assertSame(3, $grade(['differenceBand' => 'clear', 'endFeel' => 'absent']));
    }

    public function test_loose_at_30_only_is_the_collateral_alone_and_loose_at_0_too_is_at_least_grade_3(): void
    {
        $opened = static fn (float $at0): Knee => Knee::hurt()
            ->found('valgus_0', ['openingMm' => 3 + $at0, 'endFeel' => 'firm'], ['openingMm' => 3])
            ->found('valgus_30', ['openingMm' => 9, 'endFeel' => 'firm'], ['openingMm' => 3]);
        self::assertSame(CollateralReading::At30Only, $opened(0)->assessed()->medial);
        self::assertSame(2, $this->grade($opened(0), Condition::Mcl));
        self::assertSame(CollateralReading::At30Only, $opened(4)->assessed()->medial);
        self::assertSame(2, $this->grade($opened(4), Condition::Mcl));
        self::assertSame(CollateralReading::At0Too, $opened(5)->assessed()->medial);
        self::assertSame(3, $this->grade($opened(5), Condition::Mcl));
        self::assertSame('positive', $opened(8)->reads('valgus_0_laxity'));
        self::assertSame('positive does_not_fit', $opened(8.5)->reads('valgus_0_laxity'));
        self::assertSame(
            'positive does_not_fit',
            Knee::hurt()->found(
                'valgus_0',
                ['differenceBand' => 'clear'],
            )->found('valgus_30', ['differenceBand' => 'same'])->reads('valgus_0_laxity'),
        );
        self::assertSame(
            'positive',
            Knee::hurt()->found('valgus_0', ['differenceBand' => 'clear'])->found(
                'valgus_30',
                ['differenceBand' => 'slight'],
            )->reads('valgus_0_laxity'),
        );
        $untested = Knee::hurt()->found('varus_30', ['openingMm' => 9], ['openingMm' => 3]);
        self::assertSame(CollateralReading::At0NotDone, $untested->assessed()->lateral);
        self::assertNull($untested->assessed()->medial);
    }

    public function test_a_painful_firm_knee_keeps_its_grade_and_its_negative_counts(): void
    {
        $knee = Knee::hurt()->found(
            'valgus_30',
            ['openingMm' => 3, 'endFeel' => 'firm', 'pain' => 4],
            ['openingMm' => 3],
        );
        self::assertSame(1, $this->grade($knee, Condition::Mcl));
        self::assertTrue($knee->result('valgus_30_laxity')->counts());
        self::assertContains('grade_one_is_firm', $knee->remarks());
        self::assertNotSame('ruled_out', $knee->verdict(Condition::Mcl)->zone->value);
    }

    public function test_an_angle_between_weighs_half(): void
    {
        $chance = static fn (?int $angle): float => Knee::hurt()->found(
            'valgus_30',
            ['openingMm' => 3, 'endFeel' => 'firm', ...($angle === null ? [] : ['angleDeg' => $angle])],
            ['openingMm' => 3, 'endFeel' => 'firm'],
        )->chance(Condition::Mcl);
        $odds = static fn (float $chance): float => log($chance / (1 - $chance));
        [$before, $half, $whole] = [Knee::hurt()->chance(Condition::Mcl), $chance(10), $chance(null)];
        self::assertEqualsWithDelta(0.5, ($odds($half) - $odds($before)) / ($odds($whole) - $odds($before)), 0.02);
        $sound = Knee::hurt()->found(
            'valgus_30',
            ['openingMm' => 3, 'endFeel' => 'firm', 'angleDeg' => 10],
            ['openingMm' => 3, 'endFeel' => 'firm'],
        )->with('history', ['mechanism' => ['shin_blow_bent_knee']]);
        self::assertNotSame('ruled_out', $sound->verdict(Condition::Mcl)->zone->value);
        self::assertContains('angle_between', $sound->remarks());
        $straight = Knee::hurt()->found(
            'valgus_0',
            ['openingMm' => 3, 'endFeel' => 'firm', 'angleDeg' => 8],
            ['openingMm' => 3, 'endFeel' => 'firm'],
        );
        self::assertSame(['', 'negative'], [$straight->reads('valgus_0_laxity'), $straight->reads('valgus_30_laxity')]);
    }

    public function test_a_hard_end_is_bone_and_no_ligament(): void
    {
        foreach ([
            ['valgus_30', 'openingMm', 'valgus_30_laxity'], ['varus_0', 'openingMm', 'varus_0_laxity'],
            ['lachman', 'translationMm', 'lachman'], ['posterior_drawer', 'translationMm', 'posterior_drawer'],
        ] as [$manoeuvre, $field, $sign]) {
            $knee = Knee::hurt()->answered()->found(
                $manoeuvre,
                [$field => 9, 'endFeel' => 'hard'],
                [$field => 3, 'endFeel' => 'firm'],
            );
            self::assertSame('positive bone_end', $knee->reads($sign));
            self::assertNull($knee->measured($manoeuvre)->grade);
            self::assertNull($knee->result($sign)->reading->level);
            self::assertSame('same_day', $knee->lines()['fracture_suspected']);
            self::assertSame('as_found', $knee->assessed()->plan->support->type->value);
            self::assertSame('fracture_suspected', $knee->hold('valgus_0'));
        }
        $banded = Knee::hurt()->found('valgus_30', ['differenceBand' => 'clear', 'endFeel' => 'hard']);
        self::assertSame('positive bone_end', $banded->reads('valgus_30_laxity'));
        $same = ['openingMm' => 3, 'endFeel' => 'hard'];
        self::assertSame([], Knee::hurt()->found('valgus_30', $same, $same)->lines());
    }

    private function grade(Knee $knee, Condition $condition): ?int
    {
        foreach ($knee->assessed()->bearings->verdicts as $verdict) {
            if ($verdict->condition === $condition) {
                return $verdict->grade;
            }
        }

        return null;
    }

    public function test_soreness_stands_with_the_manoeuvre_that_found_it(): void
    {
        $source = static function (array $landmarks, array $cord): ?string {
            $knee = Knee::hurt()->found('landmark_palpation', ['tender' => $landmarks])->found('figure_four_lcl', $cord);
            foreach ($knee->assessed()->bearings->results->results as $result) {
                if ($result->reading->sign === 'lcl_tenderness') {
                    return $result->reading->record?->manoeuvre->id;
                }
            }

            return null;
        };
        self::assertSame('figure_four_lcl', $source([], ['cordFelt' => true, 'tender' => true]));
        self::assertSame('landmark_palpation', $source(['fibular_head'], ['cordFelt' => true, 'tender' => true]));
        self::assertSame('landmark_palpation', $source([], ['cordFelt' => true, 'tender' => false]));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Conclusions\CollateralReading;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Valgus and varus by both schools, and what 0° and 30° say together. */
final class CollateralTest extends TestCase
{
    /**
     * @return iterable<array{string, float, string, int, string, int}> school, difference, end, pain, outcome, grade
     */
    public static function openings(): iterable
    {
        $three = 'three_band';
        yield [$three, 2.5, 'firm', 0, 'negative', 0];
        yield [$three, 2.5, 'firm', 3, 'negative grade_one_is_firm', 1];
        yield [$three, 3, 'firm', 0, 'positive', 1];
        yield [$three, 4.5, 'firm', 3, 'positive', 1];
        yield [$three, 2, 'soft', 0, 'positive', 2];
        yield [$three, 5, 'firm', 0, 'positive', 2];
        yield [$three, 10, 'firm', 0, 'positive', 2];
        yield [$three, 10.5, 'firm', 0, 'positive', 3];
        yield [$three, 2, 'absent', 0, 'positive', 3];
        $centimetre = 'centimetre';
        yield [$centimetre, 2.5, 'firm', 3, 'negative', 0];
        yield [$centimetre, 3, 'firm', 0, 'equivocal', 0];
        yield [$centimetre, 10, 'soft', 0, 'equivocal', 0];
        yield [$centimetre, 10.5, 'firm', 0, 'positive', 3];
        yield [$centimetre, 1, 'absent', 0, 'positive', 3];
    }

    #[DataProvider('openings')]
    public function test_a_school_judges_and_grades(string $school, float $difference, string $end, int $pain, string $reads, int $grade): void
    {
        foreach (['valgus_0', 'valgus_30', 'varus_0', 'varus_30'] as $manoeuvre) {
            $knee = Knee::hurt()->with('schools', ['collateral' => $school])
                ->found($manoeuvre, ['openingMm' => 3 + $difference, 'endFeel' => $end, 'pain' => $pain], ['openingMm' => 3, 'endFeel' => 'firm']);
            self::assertSame($reads, $knee->reads("{$manoeuvre}_laxity"), $manoeuvre);
            self::assertSame($grade, $knee->measured($manoeuvre)->grade, $manoeuvre);
        }
    }

    public function test_pain_counts_on_the_stretched_side_only(): void
    {
        $pain = static fn (array $finding): string => Knee::hurt()->found('valgus_30', ['openingMm' => 3, 'endFeel' => 'firm', ...$finding], ['openingMm' => 3])->reads('valgus_30_pain');
        self::assertSame('positive', $pain(['pain' => 1]));
        self::assertSame('positive', $pain(['pain' => 4, 'painSite' => 'medial']));
        self::assertSame('negative', $pain(['pain' => 4, 'painSite' => 'lateral']));
        self::assertSame('negative', $pain(['pain' => 0]));
        self::assertSame('', $pain([]));
        self::assertSame('negative', Knee::hurt()->found('valgus_30', ['normal' => true])->reads('valgus_30_pain'));
    }

    public function test_the_angle_decides_whether_the_figures_apply(): void
    {
        foreach (['valgus_0' => [2 => '', 3 => 'angle_between'], 'varus_30' => [14 => 'angle_between', 15 => '', 35 => '', 36 => 'angle_between']] as $manoeuvre => $angles) {
            foreach ($angles as $angle => $code) {
                $knee = Knee::hurt()->found($manoeuvre, ['openingMm' => 9, 'angleDeg' => $angle], ['openingMm' => 3]);
                self::assertSame(trim("positive {$code}"), $knee->reads("{$manoeuvre}_laxity"), "{$manoeuvre} at {$angle}°");
            }
        }
    }

    public function test_bands_take_pain_and_end_feel_along(): void
    {
        $grade = static fn (array $finding): ?int => Knee::hurt()->found('valgus_30', $finding)->measured('valgus_30')->grade;
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
        self::assertSame(CollateralReading::At0Too, $opened(4)->assessed()->medial);
        self::assertSame(3, $this->grade($opened(4), Condition::Mcl));
        $untested = Knee::hurt()->found('varus_30', ['openingMm' => 9], ['openingMm' => 3]);
        self::assertSame(CollateralReading::At0NotDone, $untested->assessed()->lateral);
        self::assertNull($untested->assessed()->medial);
    }

    public function test_a_painful_firm_knee_keeps_its_grade_though_the_negative_does_not_count(): void
    {
        $knee = Knee::hurt()->found('valgus_30', ['openingMm' => 3, 'endFeel' => 'firm', 'pain' => 4], ['openingMm' => 3]);
        self::assertSame(1, $this->grade($knee, Condition::Mcl));
        self::assertFalse($knee->result('valgus_30_laxity')->counts());
    }

    private function grade(Knee $knee, Condition $condition): ?int
    {
        foreach ($knee->assessed()->conditions as $verdict) {
            if ($verdict->condition === $condition) {
                return $verdict->grade;
            }
        }

        return null;
    }
}

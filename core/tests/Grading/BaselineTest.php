<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Grading\Values\ComparedWith;
use GrayCompass\Core\Grading\Values\Outcome;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the other knee says nothing of a sound one, the same knee's baseline stands in for it. */
final class BaselineTest extends TestCase
{
    private const HELD = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];

    public function test_it_stands_in_only_where_the_other_knee_is_not_reliable(): void
    {
        $knee = $this->knee(7, other: 3);
        self::assertSame(
            [4.0, ComparedWith::Other],
            [$knee->measured('lachman')->difference, $knee->measured('lachman')->comparedWith],
        );
        $knee->with('otherKneeReliable', false);
        self::assertSame(
            [3.0, 4.0, ComparedWith::Baseline, 1, false],
            [
                $knee->measured('lachman')->difference, $knee->measured('lachman')->other,
                $knee->measured('lachman')->comparedWith, $knee->measured('lachman')->grade,
                $knee->measured('lachman')->provisional,
            ],
        );
    }

    public function test_without_one_there_is_no_comparison(): void
    {
        $knee = Knee::hurt()->with('otherKneeReliable', false)
            ->found('lachman', ['translationMm' => 7, 'checks' => self::HELD], ['translationMm' => 3]);
        self::assertNull($knee->measured('lachman')->comparedWith);
        self::assertTrue($knee->measured('lachman')->provisional);
    }

    /** 9 mm is much for most knees, and nothing for one that gave 8 mm while it was sound. */
    public function test_it_moves_the_chance_as_the_other_knee_would(): void
    {
        $loose = $this->knee(9, baseline: 8)->with('otherKneeReliable', false);
        $torn = $this->knee(9, baseline: 3)->with('otherKneeReliable', false);
        self::assertSame(Outcome::Negative, $loose->result('lachman')->reading->outcome);
        self::assertSame(Outcome::Positive, $torn->result('lachman')->reading->outcome);
        self::assertLessThan(0.2, $loose->chance(Condition::Acl));
        self::assertEqualsWithDelta(
            $this->knee(9, other: 3)->chance(Condition::Acl), $torn->chance(Condition::Acl), 1e-12,
        );
    }

    public function test_of_the_baseline_the_hurt_knee_counts_and_not_what_was_left_out(): void
    {
        $right = ['manoeuvre' => 'lachman', 'side' => 'right', 'translationMm' => 2];
        $left = ['manoeuvre' => 'lachman', 'side' => 'left', 'translationMm' => 6];
        $knee = $this->with([$right, $left], 9)->with('otherKneeReliable', false);
        self::assertSame(6.0, $knee->measured('lachman')->other);
        $leftOut = ['manoeuvre' => 'lachman', 'side' => 'left', 'notDone' => 'pain'];
        self::assertNull($this->with([$right, $leftOut], 9)->with('otherKneeReliable', false)->measured('lachman')->comparedWith);
    }

    public function test_it_is_said_everywhere(): void
    {
        $assessment = $this->knee(9, other: 3)->with('otherKneeReliable', false)->assessed();
        self::assertStringContainsString('compared it with how it was on 2 March 2026.', $assessment->words->forAthlete());
        self::assertStringContainsString('Lachman 9 / 4 mm (the latter its own baseline)', $assessment->words->note());
        self::assertContains('compared_with_baseline', self::remarks($assessment));
        $reliable = $this->knee(9, other: 3)->assessed();
        self::assertStringContainsString('compared it with your right knee', $reliable->words->forAthlete());
        self::assertNotContains('compared_with_baseline', self::remarks($reliable));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function wrong(): iterable
    {
        yield 'older than two years' => ['2024-05-01', 'baseline.on'];
        yield 'after the examination' => ['2026-05-12', 'baseline.on'];
        yield 'no day' => ['in March', 'baseline.on'];
    }

    #[DataProvider('wrong')]
    public function test_a_baseline_is_of_the_two_years_before(string $on, string $path): void
    {
        $knee = $this->knee(9)->with('baseline', (object) ['on' => $on, 'findings' => []]);
        self::assertSame($path, $knee->refusal()->path);
    }

    public function test_an_unknown_manoeuvre_of_it_is_named_by_its_place(): void
    {
        self::assertStringStartsWith(
            'baseline.findings[0]', $this->with([['manoeuvre' => 'unheard_of', 'side' => 'left']], 9)->refusal()->path,
        );
    }

    public function test_a_baseline_has_no_injury(): void
    {
        self::assertSame('route', Knee::hurt()->with('route', 'baseline')->refusal()->path);
    }

    public function test_its_route_holds_what_is_compared_and_takes_about_six_minutes(): void
    {
        $route = Knee::hurt()->with('route', 'baseline')->with('daysSinceInjury', null)->with('setting', 'gradual')
            ->assessed()->route;
        $ids = Knee::onTheWay($route);
        foreach (['passive_extension', 'flexion_range', 'effusion_sweep', 'lachman', 'valgus_30', 'varus_30'] as $compared) {
            self::assertContains($compared, $ids);
        }
        self::assertNotContains('mcmurray', $ids);
        self::assertLessThan(6.5, $route->minutes);
    }

    /** Base rates are of knees with a complaint: of sound ones they would name pain behind every second kneecap. */
    public function test_of_sound_knees_no_chance_is_told_and_nothing_is_asked_of_anybody(): void
    {
        $sound = $this->soundKnees()->assessed();
        self::assertNull($sound->plan->lookAgain);
        self::assertSame([], $sound->plan->sendOn);
        self::assertSame(AvailabilityStatus::Available, $sound->plan->availability->status);
        self::assertFalse($sound->plan->support->crutches);
        self::assertStringNotContainsString('in 100', $sound->words->forAthlete());
        self::assertStringContainsString('You may do your sport.', $sound->words->forAthlete());
        self::assertStringNotContainsString('Come back', $sound->words->forAthlete());
        self::assertStringNotContainsString('Probability out of 100', $sound->words->note());
    }

    public function test_what_is_found_on_a_baseline_all_the_same_has_its_plan(): void
    {
        $loose = $this->soundKnees()->found(
            'lachman', ['translationMm' => 11, 'endFeel' => 'soft', 'checks' => self::HELD], ['translationMm' => 3],
        )->assessed();
        self::assertNotNull($loose->plan->lookAgain);
        self::assertNotSame(AvailabilityStatus::Available, $loose->plan->availability->status);
        $wet = $this->soundKnees()->found('effusion_sweep', ['grade' => 'bulge'], ['grade' => 'none'])->assessed();
        self::assertNotSame(AvailabilityStatus::Available, $wet->plan->availability->status);
    }

    private function soundKnees(): Knee
    {
        return Knee::hurt()->answered()->with('route', 'baseline')->with('daysSinceInjury', null)->with('setting', 'gradual')
            ->found('valgus_30', ['openingMm' => 3, 'endFeel' => 'firm'], ['openingMm' => 3, 'endFeel' => 'firm'])
            ->found('flexion_range', ['flexionDeg' => 143], ['flexionDeg' => 143]);
    }

    private function knee(float $translation, ?float $other = null, float $baseline = 4): Knee
    {
        return $this->with(
            [['manoeuvre' => 'lachman', 'side' => 'left', 'translationMm' => $baseline, 'endFeel' => 'firm']],
            $translation,
            $other,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $findings
     */
    private function with(array $findings, float $translation, ?float $other = null): Knee
    {
        return Knee::hurt()
            ->with('examinedAt', '2026-05-10')
            ->with('baseline', (object) [
                'on' => '2026-03-02', 'findings' => array_map(static fn (array $one): object => (object) $one, $findings),
            ])
            ->found(
                'lachman',
                ['translationMm' => $translation, 'endFeel' => 'firm', 'checks' => self::HELD],
                $other === null ? null : ['translationMm' => $other, 'endFeel' => 'firm'],
            );
    }

    /**
     * @return list<string>
     */
    private static function remarks(Assessment $assessment): array
    {
        return array_column($assessment->remarks, 'code');
    }
}

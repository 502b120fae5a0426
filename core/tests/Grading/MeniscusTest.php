<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Meniscal signs: which side they are given to, and what makes them say nothing. */
final class MeniscusTest extends TestCase
{
    /**
     * @return iterable<array{string, string, string}> school, medial, lateral reading of pain on the lateral line, turned outward in valgus
     */
    public static function schools(): iterable
    {
        yield ['pain_site', '', 'positive'];
        yield ['rotation', 'positive', ''];
        yield ['compression', '', 'positive'];
        yield ['rotation_reversed', '', 'positive'];
    }

    #[DataProvider('schools')]
    public function test_a_school_gives_the_sign_to_a_side(string $school, string $medial, string $lateral): void
    {
        $knee = $this->bent([
            'rotation' => 'outward',
            'stress' => 'valgus',
            'pain' => 4,
            'painSite' => 'lateral',
        ])->with('schools', ['mcmurraySide' => $school]);
        // Tried outward, the medial meniscus was loaded: with nothing given to it, it is negative.
        self::assertSame($medial ?: 'negative', $knee->reads('mcmurray_medial'));
        self::assertSame($lateral, $knee->reads('mcmurray_lateral'));
    }

    public function test_schools_that_disagree_are_all_shown(): void
    {
        $readings = $this->bent([
            'rotation' => 'outward',
            'stress' => 'valgus',
            'pain' => 4,
            'painSite' => 'lateral',
        ])->assessed()->bearings->grading->mcmurrayReadings;
        self::assertNotNull($readings);
        self::assertSame(
            ['pain_site', 'rotation', 'compression', 'rotation_reversed'],
            array_map(static fn ($reading): string => $reading->school->id, $readings),
        );
        self::assertSame('positive', $readings[1]->medial?->value);
        self::assertNull(
            Knee::hurt()->found('mcmurray', ['normal' => true])->assessed()->bearings->grading->mcmurrayReadings,
        );
    }

    public function test_without_a_named_site_the_rotation_decides(): void
    {
        self::assertSame(
            'positive',
            $this->bent(['rotation' => 'inward', 'stress' => 'varus', 'click' => true])->reads('mcmurray_lateral'),
        );
        self::assertSame(
            'positive',
            $this->bent([
                'rotation' => 'inward',
                'stress' => 'varus',
                'click' => true,
                'clickSite' => 'medial',
            ])->reads('mcmurray_medial'),
        );
    }

    public function test_a_sign_elsewhere_is_an_excluded_positive_for_the_side_that_was_loaded(): void
    {
        $knee = $this->bent(['rotation' => 'outward', 'stress' => 'varus', 'pain' => 4, 'painSite' => 'elsewhere']);
        self::assertSame('positive pain_elsewhere', $knee->reads('mcmurray_medial'));
        self::assertSame('', $knee->reads('mcmurray_lateral'));
    }

    public function test_a_painless_click_that_the_other_knee_has_too_is_equivocal(): void
    {
        $click = ['rotation' => 'outward', 'stress' => 'varus', 'click' => true];
        $both = static fn (array $hurt): Knee => Knee::hurt()->found(
            'mcmurray',
            ['cells' => [$hurt]],
            ['cells' => [$click]],
        );
        self::assertSame('equivocal same_on_other_knee', $both($click)->reads('mcmurray_medial'));
        self::assertSame('positive', $both([...$click, 'pain' => 2])->reads('mcmurray_medial'));
        $sore = static fn (int $other): string => Knee::hurt()->found(
            'mcmurray',
            ['cells' => [['rotation' => 'outward', 'stress' => 'varus', 'pain' => 4]]],
            ['cells' => [['rotation' => 'outward', 'stress' => 'varus', 'pain' => $other]]],
        )->reads('mcmurray_medial');
        self::assertSame(
            ['positive', 'equivocal same_on_other_knee', 'equivocal same_on_other_knee', 'positive'],
            array_map($sore, [2, 3, 5, 6]),
        );
        self::assertSame(
            '',
            Knee::hurt()->found(
                'mcmurray',
                ['cells' => [['rotation' => 'none', 'stress' => 'varus', 'pain' => 0]]],
            )->reads('mcmurray_medial'),
        );
        self::assertSame(
            'positive',
            Knee::hurt()->found(
                'mcmurray',
                ['cells' => [['rotation' => 'none', 'stress' => 'varus', 'pain' => 3, 'painSite' => 'medial']]],
            )->reads('mcmurray_medial'),
        );
        self::assertSame('positive', $both([...$click, 'stress' => 'valgus'])->reads('mcmurray_medial'));
    }

    public function test_pain_that_is_not_the_athletes_own_does_not_count(): void
    {
        $cell = ['rotation' => 'outward', 'stress' => 'varus', 'pain' => 3, 'familiar' => false];
        self::assertSame('positive pain_not_familiar', $this->bent($cell)->reads('mcmurray_medial'));
    }

    public function test_an_incomplete_bend_leaves_only_positives(): void
    {
        $quiet = Knee::hurt()->found(
            'mcmurray',
            ['cells' => [['rotation' => 'outward', 'stress' => 'varus']], 'checks' => ['fullBendReached' => false]],
        );
        self::assertSame('negative bend_incomplete', $quiet->reads('mcmurray_medial'));
        self::assertSame(
            'negative bend_incomplete',
            Knee::hurt()->found(
                'meniscal_grind',
                ['pain' => 0, 'checks' => ['fullBendReached' => false]],
            )->reads('meniscal_grind_medial'),
        );
    }

    public function test_sided_tests_feed_the_named_side_and_both_when_silent(): void
    {
        foreach (['apley' => ['compressionPain' => true], 'meniscal_grind' => ['click' => true]] as $manoeuvre => $symptom) {
            self::assertSame(
                'positive',
                Knee::hurt()->found($manoeuvre, [...$symptom, 'site' => 'lateral'])->reads("{$manoeuvre}_lateral"),
            );
            self::assertSame(
                '',
                Knee::hurt()->found($manoeuvre, [...$symptom, 'site' => 'lateral'])->reads("{$manoeuvre}_medial"),
            );
            self::assertSame(
                'positive pain_elsewhere',
                Knee::hurt()->found($manoeuvre, [...$symptom, 'site' => 'elsewhere'])->reads("{$manoeuvre}_medial"),
            );
            self::assertSame('equivocal', Knee::hurt()->found($manoeuvre, $symptom)->reads("{$manoeuvre}_medial"));
            self::assertSame(
                'negative',
                Knee::hurt()->found($manoeuvre, ['normal' => true])->reads("{$manoeuvre}_lateral"),
            );
        }
        self::assertSame(
            'positive distraction_hurts_too',
            Knee::hurt()->found(
                'apley',
                ['compressionPain' => true, 'distractionRelieves' => false, 'site' => 'medial'],
            )->reads('apley_medial'),
        );
        self::assertContains(
            'think_ligament',
            Knee::hurt()->found(
                'apley',
                ['compressionPain' => true, 'distractionRelieves' => false, 'site' => 'medial'],
            )->remarks(),
        );
    }

    public function test_at_25_degrees_thessaly_is_still_the_one_at_20_and_beyond_it_that_is_said(): void
    {
        $at = static fn (int $angle): array => Knee::hurt()->found(
            'thessaly_20',
            ['reps' => 3, 'pain' => 4, 'site' => 'medial', 'angleDeg' => $angle],
        )->remarks();
        self::assertNotContains('angle_between', $at(25));
        self::assertContains('angle_between', $at(26));
    }

    public function test_a_grind_that_hurts_the_other_knee_as_little_says_nothing(): void
    {
        $grind = static fn (int $other): string => Knee::hurt()->found(
            'meniscal_grind',
            ['pain' => 1, 'site' => 'medial'],
            ['pain' => $other],
        )->reads('meniscal_grind_medial');
        self::assertSame(['equivocal same_on_other_knee', 'positive'], [$grind(1), $grind(0)]);
    }

    public function test_thessaly_is_read_by_the_bend_that_was_held(): void
    {
        $twisted = static fn (string $manoeuvre, array $finding): Knee => Knee::hurt()->with(
            'schools',
            ['evidence' => 'first_reports'],
        )->found($manoeuvre, ['reps' => 3, ...$finding]);
        self::assertSame('negative', $twisted('thessaly_20', ['pain' => 0])->reads('thessaly_20_medial'));
        self::assertSame(
            'positive',
            $twisted('thessaly_20', ['pain' => 4, 'site' => 'medial', 'angleDeg' => 8])->reads('thessaly_5_medial'),
        );
        self::assertSame(
            'positive',
            $twisted(
                'thessaly_5',
                ['locking' => true, 'site' => 'medial', 'angleDeg' => 11],
            )->reads('thessaly_20_medial'),
        );
        self::assertSame(
            'positive',
            $twisted('thessaly_20', ['pain' => 4, 'site' => 'medial', 'angleDeg' => 26])->reads('thessaly_20_medial'),
        );
        self::assertSame(
            'positive',
            $twisted('thessaly_5', ['pain' => 4, 'site' => 'medial', 'angleDeg' => 30])->reads('thessaly_20_medial'),
        );
        self::assertSame(
            ['negative', 'negative angle_between'],
            [
                $twisted('thessaly_20', ['pain' => 0, 'angleDeg' => 30])->reads('thessaly_20_medial'),
                $twisted('thessaly_20', ['pain' => 0, 'angleDeg' => 36])->reads('thessaly_20_medial'),
            ],
        );
        self::assertSame(
            'positive',
            $twisted('thessaly_20', ['givesWay' => true, 'site' => 'medial'])->reads('thessaly_20_medial'),
        );
        self::assertSame(
            'negative too_few_repetitions',
            $twisted('thessaly_20', ['pain' => 0, 'reps' => 2])->reads('thessaly_20_medial'),
        );
        $twice = $twisted('thessaly_5', ['pain' => 4, 'site' => 'medial'])->found(
            'thessaly_20',
            ['reps' => 3, 'pain' => 0, 'angleDeg' => 8],
        );
        self::assertSame('positive', $twice->reads('thessaly_5_medial'));
        $counted = array_filter(
            $twice->assessed()->bearings->results->counting(),
            static fn ($result): bool => $result->reading->sign === 'thessaly_5_medial',
        );
        self::assertCount(1, $counted, 'one finding is weighed once');
    }

    public function test_the_joint_line_speaks_of_both_sides_and_can_be_spoilt(): void
    {
        $pressed = static fn (array $finding): Knee => Knee::hurt()->found(
            'joint_line_palpation',
            ['points' => ['medial_middle'], ...$finding],
        );
        self::assertSame('positive', $pressed([])->reads('joint_line_tenderness_medial'));
        self::assertSame('negative', $pressed([])->reads('joint_line_tenderness_lateral'));
        self::assertSame(
            'positive not_pinpoint',
            $pressed(['pinpoint' => false])->reads('joint_line_tenderness_medial'),
        );
        self::assertSame(
            'positive pain_not_familiar',
            $pressed(['familiar' => false])->reads('joint_line_tenderness_medial'),
        );
        self::assertSame(
            'positive bruised_there',
            $pressed(['pinpoint' => false])->with(
                'history',
                ['directBlowSite' => 'medial_joint_line'],
            )->reads('joint_line_tenderness_medial'),
        );
        self::assertSame(
            'negative',
            $pressed([])->with(
                'history',
                ['directBlowSite' => 'lateral_joint_line'],
            )->reads('joint_line_tenderness_lateral'),
        );
    }

    public function test_tenderness_that_moves_with_bending_counts(): void
    {
        $felt = static fn (array $finding): Knee => Knee::hurt()->found('displacement_tenderness', $finding);
        self::assertSame(
            'positive',
            $felt([
                'tender' => true,
                'movesBackOnBending' => true,
                'site' => 'medial',
            ])->reads('displacement_tenderness_medial'),
        );
        self::assertSame(
            'negative',
            $felt([
                'tender' => true,
                'movesBackOnBending' => false,
                'site' => 'medial',
            ])->reads('displacement_tenderness_medial'),
        );
        self::assertSame('negative', $felt(['tender' => false])->reads('displacement_tenderness_lateral'));
        self::assertSame(
            'equivocal',
            $felt(['tender' => true, 'movesBackOnBending' => true])->reads('displacement_tenderness_medial'),
        );
        self::assertSame('', $felt(['tender' => true])->reads('displacement_tenderness_medial'));
    }

    /**
     * @param  array<string, mixed>  $cell
     */
    private function bent(array $cell): Knee
    {
        return Knee::hurt()->found('mcmurray', ['cells' => [$cell]]);
    }
}

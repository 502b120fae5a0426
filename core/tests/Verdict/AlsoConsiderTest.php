<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Verdict;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Verdict\Consideration;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The front-of-knee gate, what else to think of, and the grade of a ligament. */
final class AlsoConsiderTest extends TestCase
{
    private const STORY = [
        'frontLoadPain' => true,
        'locking' => false,
        'givingWay' => false,
        'numbnessOrBackPain' => false,
    ];

    public function test_front_of_knee_pain_is_supported_by_story_structure_and_load(): void
    {
        $gate = $this->sore()->found('deep_squat', ['painFront' => true])->assessed()->bearings->front;
        self::assertSame(
            ['met', 'met', 'open', 'met', true],
            [
                $gate->story->value,
                $gate->structural->value,
                $gate->compression->value,
                $gate->loaded->value,
                $gate->supported(),
            ],
        );
        self::assertFalse($this->sore()->assessed()->bearings->front->supported());
        self::assertTrue($this->sore()->found('kneecap_compression', ['pain' => 3], ['pain' => 0])->assessed()
            ->bearings->front->supported());
        self::assertSame(
            'not_met',
            $this->sore()->found('step_down', ['painFront' => false])->assessed()->bearings->front->loaded->value,
        );
        self::assertSame(
            'met',
            $this->sore()->found(
                'single_leg_sit_to_stand',
                ['pain' => 2, 'kneeDrift' => 'mild'],
            )->assessed()->bearings->front->loaded->value,
        );
        self::assertSame(
            'open',
            $this->sore()->found(
                'single_leg_sit_to_stand',
                ['pain' => 0, 'kneeDrift' => 'mild'],
            )->assessed()->bearings->front->loaded->value,
        );
    }

    public function test_the_story_is_refuted_by_an_injury_or_another_sign(): void
    {
        self::assertSame(
            'not_met',
            $this->sore()->with('daysSinceInjury', 3)->assessed()->bearings->front->story->value,
        );
        foreach (['locking', 'givingWay', 'numbnessOrBackPain'] as $item) {
            self::assertSame(
                'not_met',
                $this->sore()->with(
                    'history',
                    [...self::STORY, $item => true],
                )->assessed()->bearings->front->story->value,
            );
        }
        self::assertSame('open', $this->sore()->with('history', [])->assessed()->bearings->front->story->value);
        self::assertSame(
            'not_met',
            $this->sore()->with('history', ['frontLoadPain' => false])->assessed()->bearings->front->story->value,
        );
    }

    public function test_the_structures_are_open_until_all_are_done_and_refuted_by_one(): void
    {
        foreach (['lachman', 'valgus_30', 'varus_30', 'flexion_range', 'passive_extension', 'kneecap_tendon', 'fat_pad_pinch', 'joint_line_palpation'] as $missing) {
            self::assertSame('open', $this->sore($missing)->assessed()->bearings->front->structural->value, $missing);
        }
        self::assertSame(
            'not_met',
            $this->sore('kneecap_tendon')->found(
                'kneecap_tendon',
                ['tender' => true],
            )->assessed()->bearings->front->structural->value,
        );
        self::assertSame(
            'not_met',
            $this->sore('fat_pad_pinch')->found(
                'fat_pad_pinch',
                ['painLateral' => true],
            )->assessed()->bearings->front->structural->value,
        );
        self::assertSame(
            'not_met',
            $this->sore('flexion_range')->found(
                'flexion_range',
                ['flexionDeg' => 140, 'endPain' => 2],
            )->assessed()->bearings->front->structural->value,
        );
        self::assertSame(
            'not_met',
            $this->sore('joint_line_palpation')->found(
                'joint_line_palpation',
                ['points' => ['medial_middle']],
            )->assessed()->bearings->front->structural->value,
        );
    }

    /**
     * @return iterable<array{string, string, array<string, mixed>, 3?: array<string, mixed>, 4?: int}> id, manoeuvre, hurt, other, age
     */
    public static function considerations(): iterable
    {
        $tender = static fn (string $place): array => ['tender' => [$place]];
        yield ['patellar_tendon', 'kneecap_tendon', ['tender' => true]];
        yield ['patellar_tendon', 'landmark_palpation', $tender('lower_pole')];
        yield ['fat_pad', 'fat_pad_pinch', ['painMedial' => true]];
        yield ['plica', 'plica_roll', ['popOrPain' => true]];
        yield ['outer_band_friction', 'lateral_band_press', ['painAt30' => true]];
        yield ['pes_bursa', 'landmark_palpation', $tender('pes_insertion')];
        yield ['front_bursa', 'landmark_palpation', $tender('kneecap_front')];
        yield ['growth_plate_tubercle', 'landmark_palpation', $tender('tibial_tubercle'), [], 14];
        yield ['popliteal_cyst', 'popliteal_look', ['swelling' => true]];
        yield ['wear', 'active_range', ['crepitus' => true], [], 46];
        yield ['shin_bone_stress', 'tibial_percussion', ['lingeringPain' => true]];
        yield ['upper_tibiofibular_joint', 'upper_tibiofibular_glide', ['loose' => true]];
        yield ['weak_hip_abductors', 'hip_abductor_strength', ['strength' => 4]];
        yield ['knee_drifting_in', 'single_leg_squat', ['kneeDrift' => 'marked']];
        yield ['quadriceps_wasting', 'inspection', ['girthCm' => 44], ['girthCm' => 45.5]];
        yield ['lag', 'straight_leg_raise', ['result' => 'lag']];
        yield ['lag', 'active_range', ['lagDeg' => 5]];
        yield ['patellar_tendon', 'landmark_palpation', $tender('patellar_tendon')];
        yield ['fat_pad', 'fat_pad_pinch', ['painLateral' => true]];
        yield ['outer_band_friction', 'landmark_palpation', $tender('outer_band')];
        yield ['popliteal_cyst', 'landmark_palpation', $tender('popliteal_mass')];
        yield ['shin_bone_stress', 'tibial_vibration', ['lingeringPain' => true]];
        yield ['upper_tibiofibular_joint', 'landmark_palpation', $tender('upper_tibiofibular_joint')];
        yield ['knee_drifting_in', 'single_leg_squat', ['kneeDrift' => 'mild']];
        yield ['neighbour_joint', 'ankle_screen', ['result' => 'abnormal']];
        yield ['over_straight', 'passive_extension', ['extensionDeg' => 16]];
        yield ['over_straight', 'passive_extension', ['extensionDeg' => 8], ['extensionDeg' => 4]];
        yield ['neighbour_joint', 'hip_screen', ['result' => 'abnormal']];
    }

    /**
     * @param  array<string, mixed>  $hurt
     * @param  array<string, mixed>  $other
     */
    #[DataProvider('considerations')]
    public function test_what_else_showed_is_named_without_a_number(
        string $id,
        string $manoeuvre,
        array $hurt,
        array $other = [],
        int $age = 25,
    ): void
    {
        $knee = Knee::hurt()->with('ageYears', $age)->found($manoeuvre, $hurt, $other ?: null);
        $ids = array_map(static fn (Consideration $other): string => $other->id, $knee->assessed()->bearings->also);
        self::assertContains($id, $ids);
        self::assertSame(
            [],
            Knee::hurt()->with('ageYears', $age)->found(
                $manoeuvre,
                ['normal' => true],
                ['normal' => true],
            )->assessed()->bearings->also,
        );
    }

    public function test_shin_pain_that_eases_with_use_speaks_of_tendons_and_lingering_pain_of_bone(): void
    {
        $ids = static fn (Knee $knee): array => array_map(
            static fn (Consideration $other): string => $other->id,
            $knee->assessed()->bearings->also,
        );
        $eases = Knee::hurt()->with('history', ['warmUpEases' => true, 'painSite' => 'inner shin']);
        self::assertSame(['shin_tendon'], $ids($eases));
        self::assertSame(['shin_bone_stress'], $ids($eases->found('tibial_percussion', ['lingeringPain' => true])));
        self::assertSame([], $ids(Knee::hurt()->with('history', ['warmUpEases' => true, 'painSite' => 'kneecap'])));
    }

    public function test_a_collateral_that_is_loose_straight_is_at_least_grade_3(): void
    {
        $firm = ['openingMm' => 2, 'endFeel' => 'firm'];
        $loose = ['openingMm' => 8, 'endFeel' => 'soft'];
        $knee = Knee::hurt()->found('valgus_30', $loose, $firm);
        self::assertSame(2, $knee->assessed()->bearings->verdicts[3]->grade);
        self::assertSame(3, $knee->found('valgus_0', $loose, $firm)->assessed()->bearings->verdicts[3]->grade);
    }

    public function test_a_ligament_has_the_highest_grade_of_its_findings_in_whatever_order(): void
    {
        $loose = ['translationMm' => 10, 'endFeel' => 'soft'];
        $tight = ['translationMm' => 3, 'endFeel' => 'firm'];
        $first = Knee::hurt()->found('lachman', $loose, $tight)->found('anterior_drawer', $tight, $tight);
        $last = Knee::hurt()->found('anterior_drawer', $tight, $tight)->found('lachman', $loose, $tight);
        self::assertSame(
            [2, 2],
            array_map(static fn (Knee $knee): ?int => $knee->assessed()->bearings->verdicts[0]->grade, [$first, $last]),
        );
    }

    public function test_age_decides_what_a_sore_tubercle_or_a_crackle_means(): void
    {
        self::assertSame(
            [],
            Knee::hurt()->with('ageYears', 18)->found(
                'landmark_palpation',
                ['tender' => ['tibial_tubercle']],
            )->assessed()->bearings->also,
        );
        self::assertSame(
            [],
            Knee::hurt()->with('ageYears', 44)->found('active_range', ['crepitus' => true])->assessed()->bearings->also,
        );
    }

    public function test_the_young_are_thought_of_apart(): void
    {
        $ids = static fn (Knee $knee): array => array_map(
            static fn (Consideration $other): string => $other->id,
            $knee->assessed()->bearings->also,
        );
        self::assertContains(
            'growing_bone',
            $ids(Knee::hurt()->with('ageYears', 14)->found('effusion_sweep', ['grade' => 'bulge'])),
        );
        self::assertContains(
            'osteochondritis',
            $ids(Knee::hurt()->with('ageYears', 14)->with('history', ['catching' => true])),
        );
        self::assertContains(
            'lower_pole',
            $ids(Knee::hurt()->with('ageYears', 14)->found('landmark_palpation', ['tender' => ['lower_pole']])),
        );
        self::assertContains('hip', $ids(Knee::hurt()->with('ageYears', 14)->with('daysSinceInjury', null)));
        self::assertContains(
            'discoid_meniscus',
            $ids(Knee::hurt()->with('ageYears', 11)->with('history', ['locking' => true])),
        );
        self::assertNotContains(
            'discoid_meniscus',
            $ids(Knee::hurt()->with('ageYears', 12)->with('history', ['locking' => true])),
        );
        self::assertSame([], $ids(Knee::hurt()->with('history', ['locking' => true])));
    }

    public function test_strength_and_heels_are_compared(): void
    {
        $ids = static fn (string $manoeuvre, array $hurt, array $other): array => array_map(
            static fn (Consideration $one): string => $one->id,
            Knee::hurt()->found($manoeuvre, $hurt, $other)->assessed()->bearings->also,
        );
        self::assertSame(['weak_thigh'], $ids('resisted_extension', ['newtons' => 359], ['newtons' => 400]));
        self::assertSame([], $ids('resisted_extension', ['newtons' => 360], ['newtons' => 400]));
        self::assertSame(['weak_thigh'], $ids('resisted_flexion', ['strength' => 4], ['strength' => 5]));
        self::assertSame(
            ['heel_high'],
            $ids(
                'passive_extension',
                ['heelHeightCm' => 5, 'endFeel' => 'firm'],
                ['heelHeightCm' => 3, 'endFeel' => 'firm'],
            ),
        );
        self::assertSame(
            'positive',
            Knee::hurt()->found(
                'passive_extension',
                ['heelHeightCm' => 5, 'endFeel' => 'springy'],
                ['heelHeightCm' => 3, 'endFeel' => 'firm'],
            )->reads('loss_of_extension'),
        );
    }

    public function test_pain_at_the_front_acts_only_with_a_test_of_its_own_and_nothing_against_it(): void
    {
        $story = fn (): Knee => $this->sore()->with('history', [...self::STORY, 'frontLoadPain' => true]);
        $squats = static fn (Knee $knee): Knee => $knee->found(
            'deep_squat',
            ['painFront' => true, 'familiar' => true],
        )->found('step_down', ['painFront' => true, 'familiar' => true])->found(
            'kneecap_compression',
            ['pain' => 4, 'familiar' => true],
            ['pain' => 0],
        );
        self::assertSame('act', $squats($story())->verdict(Condition::PatellofemoralPain)->zone->value);
        $tendon = $squats($this->sore('kneecap_tendon')->with(
            'history', [...self::STORY, 'frontLoadPain' => true],
        )->found(
            'kneecap_tendon',
            ['tender' => true],
            ['tender' => false],
        ));
        self::assertSame('investigate', $tendon->verdict(Condition::PatellofemoralPain)->zone->value);
        self::assertSame('act', $tendon->verdict(Condition::PatellofemoralPain)->chance->zone->value);
        self::assertContains('other_source_first', $tendon->remarks());
    }

    /** Front-of-knee pain that came on without an injury, every structure sound. */
    private function sore(string $without = ''): Knee
    {
        $knee = Knee::hurt()->with('setting', 'gradual')->with('daysSinceInjury', null)->with('history', self::STORY);
        foreach (array_diff(['lachman', 'valgus_30', 'varus_30', 'flexion_range', 'passive_extension', 'kneecap_tendon', 'fat_pad_pinch', 'joint_line_palpation'], [$without]) as $manoeuvre) {
            $knee->found($manoeuvre, ['normal' => true], ['normal' => true]);
        }

        return $knee;
    }
}

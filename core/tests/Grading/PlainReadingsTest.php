<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Grading;

use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Manoeuvres read by one question, on both sides of their limit. */
final class PlainReadingsTest extends TestCase
{
    /**
     * @return iterable<array{string, array<string, mixed>, array<string, mixed>|null, string, string}> manoeuvre, hurt, other, finding, reading
     */
    public static function readings(): iterable
    {
        yield ['posterior_sag', ['sagSeen' => true], null, 'posterior_sag', 'positive'];
        yield ['posterior_sag', ['sagSeen' => false], null, 'posterior_sag', 'negative'];
        yield ['posterior_sag', ['stepOffMm' => 5], ['stepOffMm' => 10], 'posterior_sag', 'positive'];
        yield ['posterior_sag', ['stepOffMm' => 5.5], ['stepOffMm' => 10], 'posterior_sag', 'negative'];
        yield ['posterior_sag', ['stepOffMm' => 2], null, 'posterior_sag', 'equivocal other_knee_missing'];
        yield ['posterior_sag', ['position' => 'feet_down'], null, 'posterior_sag', ''];
        yield ['quadriceps_active', ['shiftMm' => 2], null, 'quadriceps_active', 'negative'];
        yield ['quadriceps_active', ['shiftMm' => 2.5], null, 'quadriceps_active', 'positive'];
        yield ['pivot_shift', ['grade' => 'none'], null, 'pivot_shift', 'negative'];
        yield ['pivot_shift', ['grade' => 'glide'], null, 'pivot_shift', 'positive'];
        yield ['anterolateral_shift', ['felt' => true], null, 'anterolateral_shift', 'positive'];
        yield ['reverse_pivot_shift', ['felt' => false], null, 'reverse_pivot_shift', 'negative'];
        yield ['reverse_pivot_shift', ['feltAtDeg' => 30], null, 'reverse_pivot_shift', ''];
        yield ['lever_sign', ['heelRises' => false], null, 'lever_sign', 'positive'];
        yield ['lever_sign', ['heelRises' => true], null, 'lever_sign', 'negative'];
        yield ['bounce_home', ['end' => 'rubbery'], null, 'bounce_home', 'positive'];
        yield ['bounce_home', ['end' => 'springs_back'], null, 'bounce_home', 'positive'];
        yield ['bounce_home', ['end' => 'full'], null, 'bounce_home', 'negative'];
        yield [
            'passive_extension',
            ['extensionDeg' => -3, 'endFeel' => 'springy'],
            ['extensionDeg' => 2],
            'loss_of_extension',
            'positive',
        ];
        yield [
            'passive_extension',
            ['extensionDeg' => -2.5, 'endFeel' => 'springy'],
            ['extensionDeg' => 2],
            'loss_of_extension',
            'negative',
        ];
        yield [
            'passive_extension',
            ['extensionDeg' => -20, 'endFeel' => 'hard'],
            ['extensionDeg' => 2],
            'loss_of_extension',
            'negative',
        ];
        yield [
            'passive_extension',
            ['extensionDeg' => -20, 'endFeel' => 'springy'],
            null,
            'loss_of_extension',
            'equivocal other_knee_missing',
        ];
        yield ['passive_extension', ['normal' => true], ['extensionDeg' => 2], 'loss_of_extension', 'negative'];
        yield ['dial_30', ['externalRotationDeg' => 50], ['externalRotationDeg' => 40], 'dial_30', 'negative'];
        yield ['dial_30', ['externalRotationDeg' => 51], ['externalRotationDeg' => 40], 'dial_30', 'positive'];
        yield ['dial_30', ['externalRotationDeg' => 51], null, 'dial_30', 'equivocal other_knee_missing'];
        yield [
            'dial_90',
            ['externalRotationDeg' => 60],
            ['externalRotationDeg' => 40],
            'dial_90',
            'positive dial_30_missing',
        ];
        yield [
            'toe_lift_recurvatum',
            ['hyperextensionDeg' => 10, 'externalRotationMore' => true],
            ['hyperextensionDeg' => 5],
            'external_rotation_recurvatum',
            'positive',
        ];
        yield [
            'toe_lift_recurvatum',
            ['hyperextensionDeg' => 10, 'externalRotationMore' => false],
            ['hyperextensionDeg' => 5],
            'external_rotation_recurvatum',
            'negative',
        ];
        yield [
            'toe_lift_recurvatum',
            ['hyperextensionDeg' => 10],
            null,
            'external_rotation_recurvatum',
            'equivocal other_knee_missing',
        ];
        yield ['kneecap_compression', ['pain' => 1], ['pain' => 0], 'patellar_compression', 'positive'];
        yield [
            'kneecap_compression',
            ['pain' => 3],
            ['pain' => 3],
            'patellar_compression',
            'positive pain_not_familiar',
        ];
        yield [
            'kneecap_compression',
            ['pain' => 3, 'familiar' => false],
            ['normal' => true],
            'patellar_compression',
            'positive pain_not_familiar',
        ];
        yield ['kneecap_compression', ['pain' => 3], null, 'patellar_compression', 'positive other_knee_missing'];
        yield ['kneecap_glide', ['outwardApprehension' => 'pain_only'], null, 'patellar_apprehension', 'negative'];
        yield ['kneecap_glide', ['outwardApprehension' => 'apprehension'], null, 'patellar_apprehension', 'positive'];
        yield [
            'kneecap_glide_moving',
            ['outwardApprehension' => 'apprehension'],
            null,
            'moving_patellar_apprehension',
            'positive',
        ];
        yield ['kneecap_edges', ['tenderLateral' => true], null, 'patellar_edge_tenderness', 'positive'];
        yield [
            'kneecap_edges',
            ['tenderMedial' => false, 'tenderLateral' => false],
            null,
            'patellar_edge_tenderness',
            'negative',
        ];
        yield ['deep_squat', ['painFront' => true], null, 'squat_front_pain', 'positive'];
        yield [
            'deep_squat',
            ['painFront' => true, 'familiar' => false],
            null,
            'squat_front_pain',
            'positive pain_not_familiar',
        ];
        yield ['step_down', ['painFront' => false], null, 'step_down_pain', 'negative'];
        yield ['resisted_extension', ['painFront' => true], null, 'resisted_extension_pain', 'positive'];
        yield [
            'arthrometer',
            ['translationMm' => 9, 'forceN' => 90],
            ['translationMm' => 6, 'forceN' => 85],
            'arthrometer_difference',
            'positive',
        ];
        yield [
            'arthrometer',
            ['translationMm' => 9, 'forceN' => 90],
            ['translationMm' => 6, 'forceN' => 84],
            'arthrometer_difference',
            'equivocal other_knee_missing',
        ];
        yield ['arthrometer', ['translationMm' => 8.5], ['translationMm' => 6], 'arthrometer_difference', 'negative'];
        yield ['landmark_palpation', ['tender' => []], null, 'mcl_tenderness', 'negative'];
        yield ['landmark_palpation', ['tender' => ['medial_ligament_course']], null, 'mcl_tenderness', 'positive'];
        yield ['landmark_palpation', ['tender' => ['outer_cord']], null, 'lcl_tenderness', 'positive'];
        yield ['figure_four_lcl', ['tender' => true], null, 'lcl_tenderness', 'positive'];
        yield ['figure_four_lcl', ['normal' => true], null, 'lcl_tenderness', 'negative'];
        yield ['hop', ['pain' => 3], null, 'hop', ''];
    }

    /**
     * @param  array<string, mixed>  $hurt
     * @param  array<string, mixed>|null  $other
     */
    #[DataProvider('readings')]
    public function test_a_manoeuvre_is_read(
        string $manoeuvre,
        array $hurt,
        ?array $other,
        string $finding,
        string $reading,
    ): void
    {
        self::assertSame($reading, Knee::hurt()->found($manoeuvre, $hurt, $other)->reads($finding));
    }

    public function test_a_normal_finding_is_negative_for_all_that_it_feeds(): void
    {
        foreach (['lachman' => 'lachman', 'pivot_shift' => 'pivot_shift', 'lever_sign' => 'lever_sign', 'kneecap_edges' => 'patellar_edge_tenderness', 'bounce_home' => 'bounce_home', 'displacement_tenderness' => 'displacement_tenderness_medial', 'joint_line_palpation' => 'joint_line_tenderness_lateral', 'dial_30' => 'dial_30', 'toe_lift_recurvatum' => 'external_rotation_recurvatum', 'arthrometer' => 'arthrometer_difference', 'posterior_sag' => 'posterior_sag', 'mcmurray' => 'mcmurray_medial'] as $manoeuvre => $finding) {
            self::assertSame(
                'negative',
                Knee::hurt()->found($manoeuvre, ['normal' => true], ['normal' => true])->reads($finding),
                $manoeuvre,
            );
        }
    }

    public function test_what_was_not_done_says_nothing_and_the_other_knee_moves_nothing(): void
    {
        self::assertSame('', Knee::hurt()->found('lachman', ['notDone' => 'pain'])->reads('lachman'));
        $before = Knee::hurt()->assessed()->bearings->verdicts[0]->chance->posttest;
        $other = Knee::hurt()->with(
            'findings',
            [['manoeuvre' => 'lachman', 'side' => 'right', 'translationMm' => 15, 'endFeel' => 'absent']],
        );
        self::assertSame($before, $other->assessed()->bearings->verdicts[0]->chance->posttest);
    }

    public function test_tenderness_found_twice_is_one_result(): void
    {
        $knee = Knee::hurt()->found(
            'landmark_palpation',
            ['tender' => []],
        )->found('figure_four_lcl', ['tender' => true]);
        self::assertSame('positive', $knee->reads('lcl_tenderness'));
        self::assertSame('figure_four_lcl', $knee->result('lcl_tenderness')->reading->manoeuvre());
    }

    public function test_figures_that_are_not_graded_are_compared_all_the_same(): void
    {
        $girth = Knee::hurt()->found('inspection', ['girthCm' => 44], ['girthCm' => 46.5])->measured('inspection');
        self::assertSame(['cm', -2.5, null], [$girth->unit, $girth->difference, $girth->grade]);
        self::assertTrue(
            Knee::hurt()->found('flexion_range', ['flexionDeg' => 120])->measured('flexion_range')->provisional,
        );
    }
}

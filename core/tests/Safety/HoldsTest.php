<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Safety;

use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Wire\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What may not be done now: by consent, by the gate, by a rule; and what was recorded all the same. */
final class HoldsTest extends TestCase
{
    private const ALWAYS = ['distal_pulse', 'sensation', 'ankle_lift', 'inspection'];

    /**
     * @return iterable<string, array{Knee, string, list<string>, list<string>}> knee, rule, some of what it closes, some of what it leaves
     */
    public static function limits(): iterable
    {
        $ticked = static fn (string $key, array $more = []): Knee => Knee::hurt()->with(
            'safety',
            [...Knee::CLEAR, $key => true, ...$more],
        )->with(
            'opening',
            ['consentGiven' => true, 'guardianConsent' => true],
        );
        $slow = static fn (string $key): Knee => $ticked(
            $key,
            ['nightOrRestPain' => $key === 'nightOrRestPain'],
        )->with('daysSinceInjury', null);
        yield 'limb' => [
            $ticked('calfTense'),
            'limb_threat',
            ['alignment', 'gait', 'posterior_sag', 'popliteal_look', 'effusion_sweep', 'warmth'],
            [],
        ];
        yield 'nerve' => [
            $ticked('footDropped'),
            'nerve_sign',
            ['valgus_0', 'reverse_pivot_shift', 'lachman', 'mcmurray', 'hop'],
            ['effusion_sweep', 'flexion_range', 'apley'],
        ];
        yield 'open joint' => [$ticked('openWound'), 'open_joint', ['lachman', 'patellar_tap', 'gait'], []];
        yield 'chest' => [$ticked('breathlessOrChestPain'), 'chest_signs', ['lachman', 'patellar_tap'], []];
        yield 'kneecap' => [
            $ticked('kneecapOutNow'),
            'kneecap_out',
            ['kneecap_glide', 'active_range', 'kneecap_tracking', 'posterior_sag'],
            [],
        ];
        yield 'fracture' => [$ticked('boneCrepitus'), 'fracture_likely', ['alignment', 'straight_leg_raise'], []];
        yield 'fracture rule' => [
            $ticked('cannotFlexTo90'),
            'fracture_rule_positive',
            [
                'lachman', 'lever_sign', 'arthrometer', 'passive_extension', 'bounce_home', 'flexion_range',
                'posterior_sag', 'tibial_percussion', 'hop',
            ],
            [
                'gait', 'warmth', 'effusion_sweep', 'patellar_tap', 'straight_leg_raise', 'active_range',
                'joint_line_palpation', 'landmark_palpation',
            ],
        ];
        yield 'age' => [
            $ticked('deformity', ['deformity' => false])->with('ageYears', 60),
            'age_xray',
            ['pivot_shift', 'mcmurray', 'apley', 'deep_squat', 'hop'],
            ['lachman', 'valgus_30', 'step_down'],
        ];
        yield 'growing bone' => [
            $ticked('deformity', ['deformity' => false])->with('ageYears', 12)->found(
                'effusion_sweep',
                ['grade' => 'refills'],
            ),
            'growing_bone',
            ['lachman', 'valgus_30', 'gait'],
            ['warmth', 'effusion_sweep', 'straight_leg_raise', 'landmark_palpation', 'active_range'],
        ];
        yield 'infection' => [
            $ticked('feverOrHotRedKnee'),
            'joint_infection',
            ['lachman', 'passive_extension'],
            ['warmth', 'effusion_sweep', 'active_range', 'hip_screen'],
        ];
        yield 'hot, unasked' => [
            $ticked(
                'deformity',
                ['deformity' => false, 'feverOrHotRedKnee' => null],
            )->found('warmth', ['warmer' => true])->found('effusion_sweep', ['grade' => 'bulge']),
            'hot_knee_unasked',
            ['valgus_0', 'mcmurray', 'hop'],
            ['passive_extension', 'joint_line_palpation'],
        ];
        yield 'swelling' => [
            $ticked('deformity', ['deformity' => false])->with('daysSinceInjury', null)->found(
                'effusion_sweep',
                ['grade' => 'refills'],
            ),
            'swelling_without_injury',
            ['apley', 'mcmurray', 'thessaly_20'],
            ['joint_line_palpation', 'passive_extension'],
        ];
        yield 'extensor' => [
            $ticked('cannotStraightLegRaise'),
            'extensor_rupture',
            ['resisted_extension', 'quadriceps_active', 'kneecap_glide', 'active_range', 'hop'],
            ['straight_leg_raise', 'lachman', 'valgus_0', 'varus_30', 'kneecap_tendon'],
        ];
        yield 'clot' => [
            $ticked('calfSwollenTender'),
            'clot_suspected',
            ['apley', 'dial_30', 'popliteal_look', 'tibial_percussion', 'hop'],
            ['lachman', 'tibial_vibration'],
        ];
        yield 'young hip' => [
            $ticked('limpHipLimited')->with('ageYears', 12),
            'hip_first',
            ['lachman', 'gait', 'hop'],
            ['warmth', 'effusion_sweep', 'hip_screen'],
        ];
        yield 'hip' => [$ticked('limpHipLimited'), 'hip_check', ['hop', 'run_cut_stop'], ['deep_squat', 'lachman']];
        yield 'rest pain' => [$slow('nightOrRestPain'), 'rest_pain', [], ['lachman', 'joint_line_palpation']];
        yield 'severe pain' => [
            $ticked('painAtRest7'),
            'severe_pain',
            ['hop', 'pivot_shift', 'mcmurray'],
            ['lachman', 'valgus_30'],
        ];
        yield 'locked' => [
            $ticked('lockedShort'),
            'locked_knee',
            ['bounce_home', 'mcmurray', 'thessaly_20', 'single_leg_squat', 'hop'],
            ['lachman', 'passive_extension'],
        ];
        yield 'surgery' => [
            $ticked('recentSurgery'),
            'recent_surgery',
            ['pivot_shift', 'lachman', 'valgus_30', 'kneecap_glide', 'mcmurray', 'hop', 'resisted_extension'],
            ['effusion_sweep', 'passive_extension'],
        ];
        yield 'bleeding' => [
            $ticked('deformity', ['deformity' => false])->with('episode', ['bleedingRisk' => true])->found(
                'effusion_sweep',
                ['grade' => 'bulge'],
            ),
            'bleeding_risk',
            [],
            ['lachman', 'mcmurray'],
        ];
        yield 'swollen legs' => [$ticked('pittingBoth'), 'general_swelling', [], ['lachman']];
        yield 'bone stress' => [$ticked('shinPainGrows'), 'bone_stress', ['hop', 'run_cut_stop'], ['deep_squat']];
        yield 'lump' => [
            $ticked('deformity', ['deformity' => false])->found('shin_palpation', ['lump' => true]),
            'lump',
            [],
            ['lachman', 'hop'],
        ];
    }

    /**
     * @param  list<string>  $closed
     * @param  list<string>  $left
     */
    #[DataProvider('limits')]
    public function test_a_rule_closes_what_it_should_and_leaves_the_rest(
        Knee $knee,
        string $rule,
        array $closed,
        array $left,
    ): void
    {
        self::assertArrayHasKey($rule, $knee->lines());
        foreach ($closed as $manoeuvre) {
            self::assertSame($rule, $knee->hold($manoeuvre), "{$rule} should close {$manoeuvre}");
        }
        foreach ([...$left, ...self::ALWAYS] as $manoeuvre) {
            self::assertNotSame($rule, $knee->hold($manoeuvre), "{$rule} should leave {$manoeuvre}");
        }
    }

    public function test_nobody_is_touched_before_consent(): void
    {
        $silent = Knee::hurt()->with('safety', Knee::CLEAR);
        foreach (['lachman', 'effusion_sweep', 'hip_screen', 'flexion_range'] as $manoeuvre) {
            self::assertSame('consent', $silent->hold($manoeuvre));
            self::assertFalse($silent->assessed()->bearings->holds->for($manoeuvre)?->mayOverride);
        }
        foreach (['gait', 'posterior_sag', 'distal_pulse', 'hop'] as $manoeuvre) {
            self::assertSame('', $silent->hold($manoeuvre), $manoeuvre);
        }
        self::assertSame('', Knee::hurt()->answered()->hold('lachman'));
    }

    public function test_under_18_the_guardian_agrees_too_unless_it_is_an_emergency(): void
    {
        $minor = Knee::hurt()->answered()->with('ageYears', 14)->with('opening', ['consentGiven' => true]);
        self::assertSame(
            ['consent', false],
            [$minor->hold('lachman'), $minor->assessed()->bearings->holds->for('lachman')?->mayOverride],
        );
        $urgent = $minor->with('safety', [...Knee::CLEAR, 'footDropped' => true]);
        self::assertTrue($urgent->assessed()->bearings->holds->for('effusion_sweep')?->mayOverride);
        self::assertSame(
            '',
            $minor->with(
                'opening',
                ['consentGiven' => true, 'guardianConsent' => true],
            )->with('safety', Knee::CLEAR)->hold('lachman'),
        );
    }

    public function test_pulling_turning_and_loading_wait_for_the_gate(): void
    {
        $unasked = Knee::hurt()->with('opening', ['consentGiven' => true]);
        foreach (['lachman', 'valgus_0', 'mcmurray', 'pivot_shift', 'hop'] as $manoeuvre) {
            self::assertSame('gate', $unasked->hold($manoeuvre));
            self::assertTrue($unasked->assessed()->bearings->holds->for($manoeuvre)?->mayOverride);
        }
        self::assertSame('', $unasked->hold('effusion_sweep'));
    }

    public function test_without_consent_no_reason_opens_a_rule_either(): void
    {
        self::assertFalse(
            Knee::hurt()->with(
                'safety',
                ['calfTense' => true],
            )->assessed()->bearings->holds->for('lachman')?->mayOverride,
        );
        self::assertTrue(
            Knee::hurt()->answered()->with(
                'safety',
                ['calfTense' => true],
            )->assessed()->bearings->holds->for('lachman')?->mayOverride,
        );
    }

    public function test_what_is_recorded_though_held_stays_counts_and_is_marked(): void
    {
        $knee = Knee::hurt()->answered()->with('safety', [...Knee::CLEAR, 'calfTense' => true])->found(
            'lachman',
            ['translationMm' => 12, 'endFeel' => 'absent'],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        self::assertTrue($knee->result('lachman')->counts());
        self::assertContains('recorded_against_rule', $knee->remarks());
        $result = array_column(AssessmentWriter::write($knee->assessed())['results'], null, 'finding')['lachman'];
        self::assertSame([false, 'limb_threat'], [$result['overridden'], $result['againstRule']]);
        $reasoned = Knee::hurt()->answered()->with('safety', [...Knee::CLEAR, 'calfTense' => true])->found(
            'lachman',
            ['translationMm' => 12, 'override' => 'the surgeon asked'],
        );
        self::assertTrue(
            array_column(
                AssessmentWriter::write($reasoned->assessed())['results'],
                null,
                'finding',
            )['lachman']['overridden'],
        );
        self::assertNotContains(
            'recorded_against_rule',
            Knee::hurt()->answered()->found('lachman', ['translationMm' => 3])->remarks(),
        );
    }

    public function test_a_finding_holds_what_follows_it_and_not_what_came_before(): void
    {
        $against = static function (Knee $knee): array {
            return array_column(AssessmentWriter::write($knee->assessed())['results'], 'againstRule', 'finding');
        };
        $bent = ['flexionDeg' => 60];
        self::assertNull(
            $against(Knee::hurt()->answered()->found('lachman', ['normal' => true])->found(
                'flexion_range',
                $bent,
            ))['lachman'],
        );
        self::assertSame(
            'fracture_rule_positive',
            $against(Knee::hurt()->answered()->found('flexion_range', $bent)->found(
                'lachman',
                ['normal' => true],
            ))['lachman'],
        );
    }

    public function test_several_loose_ligaments_stop_all_pulling_and_never_refuse_what_is_recorded(): void
    {
        $gross = ['translationMm' => 14, 'endFeel' => 'absent'];
        $tight = ['translationMm' => 3, 'endFeel' => 'firm'];
        $open = static fn (float $mm): array => ['openingMm' => $mm, 'endFeel' => 'firm'];
        $knee = static fn (int $days = 2): Knee => Knee::hurt()->answered()->with('daysSinceInjury', $days)->found(
            'lachman',
            $gross,
            $tight,
        );
        $both = $knee()->found('posterior_drawer', $gross, $tight)->found('pivot_shift', ['grade' => 'gross']);
        self::assertSame('emergency', $both->lines()['multi_ligament']);
        self::assertSame('multi_ligament', $both->hold('valgus_30'));
        self::assertSame('', $both->hold('effusion_sweep'));
        self::assertNull(
            array_column(AssessmentWriter::write($both->assessed())['results'], 'againstRule', 'finding')['lachman'],
        );
        self::assertSame('same_day', $knee(4)->found('posterior_drawer', $gross, $tight)->lines()['multi_ligament']);
        self::assertSame(
            'emergency',
            $knee(4)->found('posterior_drawer', $gross, $tight)->found(
                'ankle_lift',
                ['result' => 'abnormal'],
            )->lines()['multi_ligament'],
        );
        self::assertArrayNotHasKey('multi_ligament', $knee(15)->found('posterior_drawer', $gross, $tight)->lines());
        self::assertArrayHasKey(
            'multi_ligament',
            $knee()->found('varus_30', $open(14), $open(3))->found('varus_0', $open(12), $open(3))->lines(),
        );
        self::assertArrayNotHasKey(
            'multi_ligament',
            $knee()->found('varus_30', $open(6.5), $open(3))->lines(),
            'slight is not open',
        );
        self::assertArrayHasKey(
            'multi_ligament',
            $knee()->found('valgus_0', $open(12), $open(3))->found('valgus_30', $open(14), $open(3))->lines(),
        );
        self::assertArrayNotHasKey(
            'multi_ligament',
            $knee()->found('valgus_30', $open(14), $open(3))->lines(),
            'only bent',
        );
        self::assertArrayNotHasKey(
            'multi_ligament',
            $knee()->found('valgus_0', $open(6.5), $open(3))->found('valgus_30', $open(14), $open(3))->lines(),
            'hardly straight',
        );
        $turned = $knee()->found(
            'toe_lift_recurvatum',
            ['hyperextensionDeg' => 8, 'externalRotationMore' => true],
            ['hyperextensionDeg' => 2],
        );
        self::assertTrue($turned->result('external_rotation_recurvatum')->isPositive());
        self::assertArrayNotHasKey('multi_ligament', $turned->lines(), 'both are too unlikely together');
        self::assertArrayNotHasKey(
            'multi_ligament',
            $knee()->found('landmark_palpation', ['tender' => ['medial_epicondyle', 'fibular_head']])->lines(),
            'tenderness is no second ligament',
        );
    }

    public function test_a_growing_knee_that_gives_is_imaged_first(): void
    {
        $young = static fn (int $age): Knee => Knee::hurt()->answered()->with('ageYears', $age);
        $more = static fn (float $mm): array => [
            ['openingMm' => 3 + $mm, 'endFeel' => 'firm'],
            ['openingMm' => 3, 'endFeel' => 'firm'],
        ];
        self::assertSame('same_day', $young(12)->found('valgus_30', ...$more(7))->lines()['growing_bone']);
        self::assertSame(
            'stress',
            $young(12)->found('valgus_30', ...$more(7))->hold('valgus_0') === 'growing_bone' ? 'stress' : '',
        );
        self::assertSame('', $young(12)->found('valgus_30', ...$more(7))->hold('lachman'));
        self::assertSame('days', $young(16)->found('valgus_30', ...$more(7))->lines()['growing_bone']);
        self::assertArrayNotHasKey('growing_bone', $young(12)->found('valgus_30', ...$more(4))->lines());
        self::assertSame(
            'days',
            $young(12)->found('valgus_30', ...$more(4))->found(
                'landmark_palpation',
                ['tender' => ['medial_epicondyle']],
            )->lines()['growing_bone'],
        );
        self::assertSame(
            'days',
            $young(12)->found(
                'lachman',
                ['translationMm' => 7, 'endFeel' => 'firm'],
                ['translationMm' => 3, 'endFeel' => 'firm'],
            )->lines()['growing_bone'],
        );
        self::assertSame(
            'days',
            $young(12)->with('daysSinceInjury', 3)->found(
                'effusion_sweep',
                ['grade' => 'bulge'],
            )->walked('antalgic')->lines()['growing_bone'],
        );
        self::assertSame(
            'days',
            $young(12)->with('daysSinceInjury', 21)->found(
                'effusion_sweep',
                ['grade' => 'bulge'],
            )->walked('antalgic')->lines()['growing_bone'],
            'while it limps with fluid',
        );
        self::assertArrayNotHasKey(
            'growing_bone',
            $young(12)->with('safety', [...Knee::CLEAR, 'xrayClear' => true])->found('valgus_30', ...$more(7))->lines(),
        );
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Standing;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** What spoils a result, in which order, and what it leaves unsettled. */
final class StandingTest extends TestCase
{
    private const LOOSE = ['translationMm' => 12, 'endFeel' => 'soft'];

    private const TIGHT = ['translationMm' => 3, 'endFeel' => 'firm'];

    public function test_a_foot_that_moved_spoils_drawers_and_a_hand_held_lachman(): void
    {
        foreach (['anterior_drawer', 'posterior_drawer', 'lachman'] as $manoeuvre) {
            self::assertSame(
                'positive foot_moved',
                $this->tested($manoeuvre, self::LOOSE, ['footStayedDown' => false])->reads($manoeuvre),
            );
            self::assertSame(
                'negative foot_moved',
                $this->tested($manoeuvre, self::TIGHT, ['footStayedDown' => false])->reads($manoeuvre),
            );
        }
        self::assertSame(
            'positive',
            $this->tested(
                'lachman',
                [...self::LOOSE, 'support' => 'prone'],
                ['footStayedDown' => false],
            )->reads('lachman'),
        );
        self::assertSame(
            'negative foot_moved',
            $this->tested(
                'quadriceps_active',
                ['shiftMm' => 0],
                ['footStayedDown' => false],
            )->reads('quadriceps_active'),
        );
    }

    public function test_a_thigh_that_moved_spoils_both_ways(): void
    {
        self::assertSame(
            'positive thigh_moved',
            $this->tested('lachman', self::LOOSE, ['thighStable' => false])->reads('lachman'),
        );
        self::assertSame(
            'negative thigh_moved',
            Knee::hurt()->found(
                'valgus_30',
                ['openingMm' => 3, 'checks' => ['thighStable' => false]],
                ['openingMm' => 3],
            )->reads('valgus_30_laxity'),
        );
    }

    public function test_hamstrings_that_hold_hide_a_forward_glide_and_fake_a_backward_one(): void
    {
        $held = ['hamstringsRelaxed' => false];
        foreach (['lachman', 'anterior_drawer'] as $manoeuvre) {
            self::assertSame(
                'negative hamstrings_guarded',
                $this->tested($manoeuvre, self::TIGHT, $held)->reads($manoeuvre),
            );
            self::assertSame('positive', $this->tested($manoeuvre, self::LOOSE, $held)->reads($manoeuvre));
        }
        self::assertSame(
            'positive hamstrings_guarded',
            $this->tested('posterior_drawer', self::LOOSE, $held)->reads('posterior_drawer'),
        );
        self::assertSame('negative', $this->tested('posterior_drawer', self::TIGHT, $held)->reads('posterior_drawer'));
        self::assertSame(
            'negative hamstrings_guarded',
            Knee::hurt()->found('pivot_shift', ['grade' => 'none', 'guarded' => true])->reads('pivot_shift'),
        );
        self::assertSame(
            'negative hamstrings_guarded',
            Knee::hurt()->found(
                'anterolateral_shift',
                ['felt' => false, 'guarded' => true],
            )->reads('anterolateral_shift'),
        );
        self::assertSame(
            'negative quadriceps_guarded',
            $this->tested('posterior_drawer', self::TIGHT, ['quadricepsRelaxed' => false])->reads('posterior_drawer'),
        );
    }

    public function test_a_sag_fools_the_forward_tests_unless_they_started_from_neutral(): void
    {
        $sag = fn (
            string $manoeuvre, array $finding, array $checks,
        ): Knee => $this->tested($manoeuvre, $finding, $checks)->found('posterior_sag', ['sagSeen' => true]);
        self::assertSame('positive sag_uncorrected', $sag('lachman', self::LOOSE, [])->reads('lachman'));
        self::assertSame('positive', $sag('lachman', self::LOOSE, ['startedFromNeutral' => true])->reads('lachman'));
        self::assertSame('negative', $sag('lachman', self::TIGHT, [])->reads('lachman'));
        self::assertSame(
            'negative sag_uncorrected',
            $sag('posterior_drawer', self::TIGHT, [])->reads('posterior_drawer'),
        );
        self::assertSame('positive', $sag('posterior_drawer', self::LOOSE, [])->reads('posterior_drawer'));
        self::assertSame(
            'positive sag_uncorrected',
            Knee::hurt()->found(
                'posterior_sag',
                ['sagSeen' => true],
            )->found('lever_sign', ['heelRises' => false])->reads('lever_sign'),
        );
    }

    public function test_a_positive_forward_test_without_a_look_for_a_sag_counts_with_a_remark(): void
    {
        self::assertContains('sag_not_checked', $this->tested('lachman', self::LOOSE, [])->remarks());
        self::assertNotContains(
            'sag_not_checked',
            $this->tested('lachman', self::LOOSE, [])->found('posterior_sag', ['sagSeen' => false])->remarks(),
        );
        self::assertNotContains('sag_not_checked', $this->tested('lachman', self::TIGHT, [])->remarks());
    }

    public function test_a_pivot_that_cannot_show_proves_nothing(): void
    {
        $none = ['grade' => 'none'];
        self::assertSame(
            'negative pivot_unreliable',
            Knee::hurt()->found(
                'valgus_30',
                ['openingMm' => 9],
                ['openingMm' => 3],
            )->found('pivot_shift', $none)->reads('pivot_shift'),
        );
        self::assertSame(
            'negative pivot_unreliable',
            Knee::hurt()->found(
                'passive_extension',
                ['extensionDeg' => -5],
                ['extensionDeg' => 0],
            )->found('pivot_shift', $none)->reads('pivot_shift'),
        );
        self::assertSame(
            'negative',
            Knee::hurt()->found(
                'passive_extension',
                ['extensionDeg' => -4],
                ['extensionDeg' => 0],
            )->found('pivot_shift', $none)->reads('pivot_shift'),
        );
        self::assertSame(
            'positive',
            Knee::hurt()->found(
                'valgus_30',
                ['openingMm' => 9],
                ['openingMm' => 3],
            )->found('pivot_shift', ['grade' => 'clunk'])->reads('pivot_shift'),
        );
    }

    public function test_the_dial_at_90_counts_only_after_a_positive_one_at_30(): void
    {
        $dialled = static fn (int $at30, int $at90): Knee => Knee::hurt()
            ->found('dial_30', ['externalRotationDeg' => $at30], ['externalRotationDeg' => 30])
            ->found('dial_90', ['externalRotationDeg' => $at90], ['externalRotationDeg' => 30]);
        self::assertSame('positive dial_30_missing', $dialled(35, 45)->reads('dial_90'));
        self::assertSame('positive', $dialled(45, 45)->reads('dial_90'));
        self::assertContains('dial_both', $dialled(45, 45)->remarks());
        self::assertContains('dial_30_alone', $dialled(45, 35)->remarks());
    }

    public function test_the_first_code_in_the_order_is_told(): void
    {
        $all = ['footStayedDown' => false, 'thighStable' => false, 'hamstringsRelaxed' => false];
        self::assertSame('negative foot_moved', $this->tested('lachman', self::TIGHT, $all)->reads('lachman'));
        unset($all['footStayedDown']);
        self::assertSame('negative thigh_moved', $this->tested('lachman', self::TIGHT, $all)->reads('lachman'));
    }

    public function test_a_test_without_figures_at_this_stage_does_not_count(): void
    {
        $knee = Knee::hurt()->found('thessaly_5', ['reps' => 3, 'pain' => 4, 'site' => 'medial']);
        self::assertSame('positive no_figures', $knee->reads('thessaly_5_medial'));
    }

    public function test_excluded_and_equivocal_results_stand_on_record_and_move_nothing(): void
    {
        $before = Knee::hurt()->assessed()->bearings->verdicts[0]->chance->posttest;
        $knee = $this->tested('lachman', self::LOOSE, ['footStayedDown' => false]);
        self::assertFalse($knee->result('lachman')->counts());
        self::assertSame($before, $knee->assessed()->bearings->verdicts[0]->chance->posttest);
    }

    public function test_a_void_or_early_own_test_leaves_the_condition_unsettled(): void
    {
        foreach (['hamstringsRelaxed', 'footStayedDown', 'thighStable'] as $check) {
            self::assertTrue(
                $this->unsettled($this->tested('lachman', self::TIGHT, [$check => false]), Condition::Acl),
                $check,
            );
        }
        self::assertFalse($this->unsettled($this->tested('lachman', self::TIGHT, []), Condition::Acl));
        foreach (['pain', 'not_safe', 'position'] as $reason) {
            self::assertTrue(
                $this->unsettled(Knee::hurt()->found('lachman', ['notDone' => $reason]), Condition::Acl),
                $reason,
            );
        }
        self::assertFalse($this->unsettled(Knee::hurt()->found('lachman', ['notDone' => 'time']), Condition::Acl));
        self::assertTrue(
            $this->unsettled(Knee::hurt()->with('safety', ['cannotTakeFourSteps' => true]), Condition::Acl),
            'a core test that a rule holds',
        );
        self::assertTrue(
            $this->unsettled(Knee::hurt()->found('flexion_range', ['flexionDeg' => 75]), Condition::Pcl),
            'a core test out of reach',
        );
        self::assertFalse($this->unsettled(Knee::hurt(), Condition::Acl));
    }

    public function test_a_void_test_beside_one_that_counts_matters_only_near_the_threshold(): void
    {
        $raised = [
            'pop' => true,
            'couldNotContinue' => true,
            'swellingOnset' => 'within_2_hours',
            'mechanism' => ['twist_on_planted_foot'],
        ];
        $early = fn (
            array $history, string $grade = 'bulge',
        ): Knee => $this->tested('lachman', self::TIGHT, [])->with('history', $history)->found(
            'effusion_sweep', ['grade' => $grade],
        );
        self::assertTrue($this->unsettled($early($raised), Condition::Acl));
        self::assertFalse($this->unsettled($early($raised, 'none'), Condition::Acl));
        self::assertFalse(
            $this->unsettled($early(['pop' => false, 'couldNotContinue' => false]), Condition::Acl),
            'far below half of the threshold',
        );
        self::assertFalse($this->unsettled($early($raised)->with('daysSinceInjury', 11), Condition::Acl));
    }

    public function test_a_low_chance_is_only_ruled_out_by_an_own_negative(): void
    {
        self::assertSame('untested', $this->zone(Knee::hurt(), Condition::Plc));
        $chronic = static fn (): Knee => Knee::hurt()->with('daysSinceInjury', 60)->with('setting', 'older_trauma');
        $negatives = $chronic()->found('posterior_sag', ['sagSeen' => false])->found(
            'posterior_drawer',
            self::TIGHT,
            self::TIGHT,
        );
        self::assertSame('ruled_out', $this->zone($negatives, Condition::Pcl));
        self::assertSame(
            'untested',
            $this->zone($chronic()->found('effusion_sweep', ['grade' => 'none']), Condition::Pcl),
            'fluid is no own test',
        );
        self::assertSame(
            'untested',
            $this->zone(
                $chronic()->found(
                    'posterior_drawer',
                    [...self::TIGHT, 'checks' => ['footStayedDown' => false]],
                    self::TIGHT,
                ),
                Condition::Pcl,
            ),
        );
        $firm = ['normal' => true];
        $outer = $chronic()->found('varus_0', $firm, $firm)->found('varus_30', $firm, $firm);
        self::assertSame('ruled_out', $this->zone($outer, Condition::Lcl));
        self::assertSame(
            'investigate',
            $this->zone($outer->walked('varus_thrust'), Condition::Lcl),
            'a thrust to that side',
        );
        $sore = Knee::hurt()->with('daysSinceInjury', null)->with('setting', 'gradual')->found(
            'valgus_30',
            ['pain' => 0],
        )->found(
            'landmark_palpation',
            ['tender' => []],
        );
        self::assertSame('investigate', $this->zone($sore, Condition::Mcl), 'no pain is not yet no laxity');
    }

    public function test_after_an_operation_the_structure_is_withheld(): void
    {
        $operated = static fn (array $operated): Knee => Knee::hurt()->with('episode', ['operated' => $operated]);
        self::assertSame('withheld', $this->zone($operated(['what' => 'acl', 'weeksAgo' => 52]), Condition::Acl));
        self::assertSame('withheld', $this->zone($operated(['what' => 'acl', 'weeksAgo' => 530]), Condition::Acl), 'a graft');
        self::assertSame('withheld', $this->zone($operated(['what' => 'mcl', 'weeksAgo' => 52]), Condition::Mcl));
        self::assertNotSame('withheld', $this->zone($operated(['what' => 'mcl', 'weeksAgo' => 53]), Condition::Mcl));
        self::assertNotSame('withheld', $this->zone($operated(['what' => 'acl', 'weeksAgo' => 8]), Condition::Pcl));
        foreach (Condition::cases() as $condition) {
            self::assertSame(
                'withheld',
                $this->zone(Knee::hurt()->with('safety', ['recentSurgery' => true]), $condition),
            );
            self::assertSame('withheld', $this->zone($operated(['what' => 'other', 'weeksAgo' => 12]), $condition));
        }
    }

    public function test_new_checks_spoil_a_negative(): void
    {
        $spoilt = static fn (string $manoeuvre, array $finding, string $check): Knee => Knee::hurt()->found(
            $manoeuvre,
            [...$finding, 'checks' => [$check => false]],
            ['normal' => true],
        );
        self::assertSame(
            'negative quadriceps_guarded',
            $spoilt('posterior_sag', ['sagSeen' => false], 'thighSoft')->reads('posterior_sag'),
        );
        self::assertSame(
            'positive',
            $spoilt('posterior_sag', ['sagSeen' => true], 'thighSoft')->reads('posterior_sag'),
        );
        self::assertSame(
            'negative quadriceps_guarded',
            $spoilt('kneecap_glide', ['outwardApprehension' => 'none'], 'thighSoft')->reads('patellar_apprehension'),
        );
        self::assertSame(
            'negative quadriceps_guarded',
            $spoilt(
                'kneecap_glide_moving',
                ['outwardApprehension' => 'none'],
                'thighSoft',
            )->reads('moving_patellar_apprehension'),
        );
        self::assertSame(
            'negative hamstrings_guarded',
            $spoilt('lever_sign', ['heelRises' => true], 'hamstringsRelaxed')->reads('lever_sign'),
        );
        self::assertSame(
            'negative hamstrings_guarded',
            $spoilt('quadriceps_active', ['shiftMm' => 0], 'hamstringsRelaxed')->reads('quadriceps_active'),
        );
        self::assertSame(
            'negative hamstrings_guarded',
            $spoilt(
                'mcmurray',
                ['cells' => [['rotation' => 'outward', 'stress' => 'varus', 'pain' => 0]]],
                'relaxed',
            )->reads('mcmurray_medial'),
        );
        $dialled = static fn (int $degrees): string => Knee::hurt()->found(
            'dial_30',
            ['externalRotationDeg' => $degrees, 'checks' => ['thighsTogether' => false]],
            ['externalRotationDeg' => 30],
        )->reads('dial_30');
        self::assertSame(['positive thigh_moved', 'negative thigh_moved'], [$dialled(45), $dialled(31)]);
    }

    public function test_what_the_other_knee_shows_too_says_nothing(): void
    {
        $alike = [
            'joint_line_tenderness_medial' => ['joint_line_palpation', ['points' => ['medial_back']]],
            'patellar_edge_tenderness' => ['kneecap_edges', ['tenderMedial' => true]],
            'squat_front_pain' => ['deep_squat', ['painFront' => true]],
            'step_down_pain' => ['step_down', ['painFront' => true]],
            'patellar_apprehension' => ['kneecap_glide', ['outwardApprehension' => 'apprehension']],
            'pivot_shift' => ['pivot_shift', ['grade' => 'glide']],
            'meniscal_grind_medial' => ['meniscal_grind', ['pain' => 4, 'site' => 'medial']],
        ];
        foreach ($alike as $sign => [$manoeuvre, $finding]) {
            self::assertSame(
                'equivocal same_on_other_knee',
                Knee::hurt()->found($manoeuvre, $finding, $finding)->reads($sign),
                $sign,
            );
            self::assertSame(
                'positive',
                Knee::hurt()->with('otherKneeReliable', false)->found($manoeuvre, $finding, $finding)->reads($sign),
                $sign,
            );
            self::assertSame(
                'positive',
                Knee::hurt()->found($manoeuvre, $finding, ['normal' => true])->reads($sign),
                $sign,
            );
        }
        self::assertSame(
            'positive',
            Knee::hurt()->found('pivot_shift', ['grade' => 'clunk'], ['grade' => 'glide'])->reads('pivot_shift'),
        );
    }

    public function test_normal_asks_for_the_one_tick_that_matters(): void
    {
        foreach (['lachman' => 'hamstringsRelaxed', 'posterior_drawer' => 'quadricepsRelaxed', 'posterior_sag' => 'thighSoft'] as $manoeuvre => $tick) {
            self::assertContains(
                'tick_not_said',
                Knee::hurt()->found($manoeuvre, ['normal' => true])->remarks(),
                $manoeuvre,
            );
            self::assertNotContains(
                'tick_not_said',
                Knee::hurt()->found($manoeuvre, ['normal' => true, 'checks' => [$tick => true]])->remarks(),
                $manoeuvre,
            );
        }
    }

    public function test_every_code_has_a_sentence_that_ends(): void
    {
        foreach (Exclusion::cases() as $code) {
            self::assertMatchesRegularExpression('/^[A-Z].{20,}[.?]$/', English::of($code->reason()));
        }
    }

    public function test_an_unticked_check_passes_and_is_said(): void
    {
        self::assertContains('checks_not_ticked', $this->tested('lachman', self::LOOSE, [])->remarks());
        self::assertNotContains(
            'checks_not_ticked',
            $this->tested(
                'lachman',
                self::LOOSE,
                ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true],
            )->remarks(),
        );
        self::assertContains(
            'reversed_rotation',
            Knee::hurt()->with(
                'schools',
                ['mcmurraySide' => 'rotation_reversed'],
            )->found('mcmurray', ['normal' => true])->remarks(),
        );
    }

    /**
     * @param  array<string, mixed>  $finding
     * @param  array<string, bool>  $checks
     */
    private function tested(string $manoeuvre, array $finding, array $checks): Knee
    {
        return Knee::hurt()->found(
            $manoeuvre,
            $checks === [] ? $finding : [...$finding, 'checks' => $checks],
            $manoeuvre === 'quadriceps_active' ? null : self::TIGHT,
        );
    }

    private function unsettled(Knee $knee, Condition $condition): bool
    {
        return $knee->verdict($condition)->unsettled;
    }

    private function zone(Knee $knee, Condition $condition): string
    {
        return $knee->verdict($condition)->zone->value;
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\TestCase;

/** Corner, kneecap, stiff and operated knees, and what is said of them. */
final class BesideTheRoadTest extends TestCase
{
    private const TIGHT = ['translationMm' => 3, 'endFeel' => 'firm'];

    public function test_a_dial_has_levels_and_a_clear_one_goes_to_a_surgeon(): void
    {
        $dial = static fn (float $more, array $history = []): Knee => Knee::hurt()->with('daysSinceInjury', 10)
            ->with('history', $history)
            ->found('dial_30', ['externalRotationDeg' => 30 + $more], ['externalRotationDeg' => 30]);
        $level = static fn (float $more): ?string => $dial($more)->result('dial_30')->reading->level?->value;
        self::assertSame([null, 'slight', 'clear', 'gross'], array_map($level, [10.0, 11.0, 15.0, 20.0]));
        $chances = array_map(static fn (float $more): float => $dial($more)->chance(Condition::Plc), [11.0, 15.0, 20.0]);
        self::assertSame($chances, [min($chances), $chances[1], max($chances)]);
        self::assertGreaterThan(0.1, $chances[1]);
        self::assertContains('corner week', $dial(15)->sentOn());
        self::assertNotContains('corner week', $dial(11)->sentOn());
        $two = $dial(11)->found(
            'toe_lift_recurvatum',
            ['hyperextensionDeg' => 15, 'externalRotationMore' => true],
            ['hyperextensionDeg' => 5],
        );
        self::assertContains('corner week', $two->sentOn());
        self::assertSame('out', $two->assessed()->plan->availability->status->value);
        $reversed = Knee::hurt()->found('dial_90', ['externalRotationDeg' => 55], ['externalRotationDeg' => 30])
            ->found('reverse_pivot_shift', ['felt' => true]);
        self::assertNotContains('corner week', $reversed->sentOn(), 'the dial at 90° is none of the two');
    }

    public function test_a_slight_lateral_opening_alone_is_looked_at_again(): void
    {
        $open = static fn (float $more): Knee => Knee::hurt()->with('history', ['mechanism' => ['varus_blow']])
            ->found('varus_30', ['openingMm' => 3 + $more, 'endFeel' => 'firm'], ['openingMm' => 3, 'endFeel' => 'firm'])
            ->found('varus_0', ['openingMm' => 3 + $more, 'endFeel' => 'firm'], ['openingMm' => 3, 'endFeel' => 'firm']);
        $slight = $open(4.5);
        self::assertTrue($slight->verdict(Condition::Lcl)->isAtAct());
        self::assertNotContains('outer_side week', $slight->sentOn());
        self::assertNotSame('hinged_limited', $slight->assessed()->plan->support->type->value === 'hinged_limited'
            && ! $slight->verdict(Condition::Plc)->isAtAct() ? 'hinged_limited' : '');
        self::assertContains('outer_side week', $open(5)->sentOn());
        $sore = $open(4.5)->found('figure_four_lcl', ['cordFelt' => false], ['cordFelt' => true]);
        self::assertContains('outer_side week', $sore->sentOn(), 'not by the opening alone');
    }

    public function test_a_kneecap_that_was_out_is_imaged_before_fluid_is_felt(): void
    {
        $out = static fn (array $history, int $days = 0): Knee => Knee::hurt()->with('daysSinceInjury', $days)
            ->with('history', $history);
        $reduced = ['kneecapReduced' => true];
        self::assertContains('kneecap_came_out days', $out($reduced)->sentOn());
        self::assertContains('kneecap_came_out same_day', $out($reduced)->with('ageYears', 15)->sentOn());
        self::assertContains('kneecap_came_out week', $out($reduced, 21)->sentOn());
        self::assertSame(
            ['kneecap_came_out two_weeks', 'kneecap_came_out two_weeks'],
            array_values(array_filter($out($reduced, 40)->sentOn(), static fn (string $one): bool => str_starts_with($one, 'kneecap'))),
        );
        self::assertContains('instability routine', $out($reduced, 43)->sentOn());
        $shifted = ['kneecapShifted' => true, 'couldNotContinue' => true];
        self::assertContains('kneecap_came_out days', $out($shifted)->sentOn());
        self::assertNotContains('kneecap_came_out days', $out([...$shifted, 'firstDislocation' => false])->sentOn());
        self::assertNotContains('kneecap_came_out days', $out(['kneecapShifted' => true])->sentOn());
        $dry = ['grade' => 'none'];
        self::assertContains('kneecap_came_out days', $out($reduced, 1)->found('effusion_sweep', $dry)->sentOn());
        self::assertNotContains('kneecap_came_out days', $out($reduced, 2)->found('effusion_sweep', $dry)->sentOn());
        $hours = $out($reduced, 1)->with('hoursSinceInjury', 24)->found('effusion_sweep', $dry);
        self::assertNotContains('kneecap_came_out days', $hours->sentOn());
        $again = $out(['kneecapShifted' => true, 'firstDislocation' => false])->found('effusion_sweep', ['grade' => 'refills']);
        self::assertContains('instability two_weeks', $again->sentOn());
        self::assertSame('immobiliser', $again->assessed()->plan->support->type->value);
        self::assertStringNotContainsString('likely to slip', $out($reduced)->assessed()->words->forAthlete());
        $imaged = $out($reduced)->with('safety', ['xrayClear' => true]);
        self::assertNotContains('kneecap_came_out days', $imaged->sentOn());
        self::assertContains('kneecap_came_out week', $imaged->sentOn());
    }

    public function test_a_clear_x_ray_takes_away_the_x_ray_and_not_the_scan(): void
    {
        $knee = Knee::hurt()->with('daysSinceInjury', 1)->with('history', ['swellingOnset' => 'within_2_hours', 'pop' => true])
            ->with('safety', [...Knee::CLEAR, 'xrayClear' => true])->found('effusion_sweep', ['grade' => 'refills']);
        self::assertContains('blood two_weeks', $knee->sentOn());
        self::assertNotContains('blood days', $knee->sentOn());
    }

    public function test_a_cruciate_that_cannot_be_tested_is_scanned_after_a_fortnight(): void
    {
        $guarded = ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => ['hamstringsRelaxed' => false]];
        $knee = static fn (int $days, string $route): Knee => Knee::hurt()->with('route', $route)
            ->with('daysSinceInjury', $days)->with('history', [
                'pop' => true, 'couldNotContinue' => true, 'givingWay' => true, 'swellingOnset' => 'within_2_hours',
                'mechanism' => ['twist_on_planted_foot'],
            ])->found('effusion_sweep', ['grade' => 'none'])->found('lachman', $guarded, self::TIGHT);
        self::assertGreaterThan(0.5, $knee(14, 'clinic_core')->chance(Condition::Acl));
        self::assertNotContains('open_question two_weeks', $knee(14, 'clinic_core')->sentOn());
        self::assertContains('open_question two_weeks', $knee(15, 'clinic_core')->sentOn());
        self::assertContains('open_question two_weeks', $knee(10, 'look_again')->sentOn());
    }

    public function test_a_stiff_knee_is_named_followed_and_in_time_sent(): void
    {
        $short = static fn (float $deg, string $end = 'firm'): Knee => Knee::hurt()->answered()
            ->found('passive_extension', ['extensionDeg' => $deg, 'endFeel' => $end], ['extensionDeg' => 0]);
        self::assertSame([7, 14], self::days(self::core($short(-6), ['passive_extension'])));
        self::assertNotContains('stiff two_weeks', $short(-12)->sentOn());
        self::assertContains('stiff two_weeks', $short(-12)->with('daysSinceInjury', 43)->sentOn());
        self::assertNotContains('stiff two_weeks', $short(-9)->with('daysSinceInjury', 43)->sentOn());
        $operated = static fn (Knee $knee, int $weeks): array => $knee->with('daysSinceInjury', 300)
            ->with('episode', ['operated' => ['what' => 'medial_meniscus', 'weeksAgo' => $weeks]])->sentOn();
        self::assertContains('stiff two_weeks', $operated($short(-6), 7));
        self::assertNotContains('stiff two_weeks', $operated($short(-6), 6));
        self::assertContains('stiff two_weeks', $operated($short(-6), 60));
        self::assertContains(
            'stiff two_weeks',
            $operated(Knee::hurt()->found('flexion_range', ['flexionDeg' => 80]), 8),
        );
        self::assertContains(
            'lag_after_operation two_weeks',
            $operated(Knee::hurt()->found('straight_leg_raise', ['result' => 'lag', 'lagDeg' => 12]), 8),
        );
        $slow = Knee::hurt()->with('daysSinceInjury', null)->with('setting', 'gradual')
            ->with('history', ['locking' => true])
            ->found('passive_extension', ['extensionDeg' => -12, 'endFeel' => 'firm']);
        self::assertContains('stiff two_weeks', $slow->sentOn());
    }

    public function test_a_graft_is_never_cleared_by_weeks(): void
    {
        $graft = static fn (array $more = []): Knee => Knee::hurt()->answered()->with('daysSinceInjury', 400)
            ->with('episode', ['operated' => ['what' => 'acl', 'weeksAgo' => 60], ...$more])
            ->with('history', ['pop' => false, 'givingWay' => false, 'painNow' => 0]);
        $played = self::core($graft())->found('hop', ['pain' => 0, 'afraid' => false])->found('run_cut_stop', ['pain' => 0]);
        $plan = $played->assessed()->plan;
        self::assertSame(['not_asked', ['It never clears a return after a cruciate injury.']], [
            $plan->play->answer->value, English::each($plan->play->why),
        ]);
        self::assertSame('modified', $plan->availability->status->value);
        self::assertStringNotContainsString('You may go on', $played->assessed()->words->forAthlete());
        $said = ['surgeonSaid' => ['on' => '2026-03-01', 'cleared' => true]];
        self::assertSame('available', self::core($graft($said))->assessed()->plan->availability->status->value);
        $not = ['surgeonSaid' => ['on' => '2026-03-01', 'cleared' => false]];
        self::assertSame('modified', self::core($graft($not))->assessed()->plan->availability->status->value);
    }

    public function test_a_graft_in_doubt_goes_to_the_one_who_operated(): void
    {
        $graft = static fn (): Knee => Knee::hurt()->answered()->with('daysSinceInjury', 2)
            ->with('episode', ['operated' => ['what' => 'acl', 'weeksAgo' => 60]]);
        $lachman = static fn (array $left): Knee => $graft()->found('lachman', $left, self::TIGHT);
        self::assertContains('graft_doubt week', $lachman(['translationMm' => 7, 'endFeel' => 'firm'])->sentOn());
        self::assertContains('cruciate_loose week', $lachman(['translationMm' => 12, 'endFeel' => 'absent'])->sentOn());
        self::assertContains(
            'graft_doubt week',
            $lachman([...self::TIGHT, 'checks' => ['hamstringsRelaxed' => false]])->sentOn(),
        );
        self::assertContains('graft_doubt week', $graft()->found('lachman', ['notDone' => 'pain'])->sentOn());
        self::assertNotContains('graft_doubt week', $graft()->sentOn());
        $bled = $graft()->with('history', ['swellingOnset' => 'within_2_hours'])->found('effusion_sweep', ['grade' => 'bulge']);
        self::assertContains('blood week', $bled->sentOn());
        self::assertNotContains('blood two_weeks', $bled->sentOn());
        self::assertSame('out', $bled->assessed()->plan->availability->status->value);
        self::assertNotSame('functional_hinged', $bled->assessed()->plan->support->type->value);
    }

    public function test_reviews_beside_the_road(): void
    {
        $story = ['pop' => true, 'couldNotContinue' => true, 'givingWay' => true, 'mechanism' => ['twist_on_planted_foot']];
        $classic = Knee::hurt()->with('daysSinceInjury', 9)->with('history', $story)
            ->found('lachman', [...self::TIGHT, 'checks' => ['hamstringsRelaxed' => true]], self::TIGHT)
            ->found('lever_sign', ['heelRises' => true]);
        self::assertSame([5, 10], self::days($classic));
        self::assertTrue(Knee::hurt()->with('daysSinceInjury', 2)->with('history', $story)
            ->found('lachman', self::TIGHT, self::TIGHT)->verdict(Condition::Acl)->unsettled);
        self::assertFalse(Knee::hurt()->with('daysSinceInjury', 3)->with('history', $story)
            ->found('lachman', self::TIGHT, self::TIGHT)->verdict(Condition::Acl)->unsettled);
        $painful = self::core(Knee::hurt()->answered()->with('daysSinceInjury', 20), ['lachman'])
            ->found('lachman', [...self::TIGHT, 'pain' => 6], self::TIGHT);
        self::assertSame([5, 10], self::days($painful));
        self::assertContains('painful_and_firm', $painful->remarks());
        $told = Knee::hurt()->with('history', ['swellingOnset' => 'within_2_hours'])->found('effusion_sweep', ['grade' => 'none']);
        self::assertContains('swelling_told_sweep_empty', $told->remarks());
        $night = self::core(Knee::hurt()->answered()->with('safety', [...Knee::CLEAR, 'nightOrRestPain' => true]));
        self::assertSame([7, 14], self::days($night));
        self::assertContains('rest_pain_early', $night->remarks());
        $thrust = self::core(Knee::hurt()->answered()->with('daysSinceInjury', 100), walks: 'varus_thrust');
        self::assertContains('thrust routine', $thrust->sentOn());
        self::assertSame([14, 28], self::days($thrust));
        $late = Knee::hurt()->with('daysSinceInjury', 40)->found('landmark_palpation', ['tender' => []]);
        self::assertFalse($late->verdict(Condition::Mcl)->unsettled, 'soreness that has gone says nothing');
    }

    public function test_a_thinned_blood_never_goes_on_at_the_touchline(): void
    {
        $knee = self::core(Knee::hurt()->answered()->with('route', 'touchline')->with('daysSinceInjury', 0)
            ->with('episode', ['bleedingRisk' => true]));
        self::assertSame('stop', $knee->assessed()->plan->play->answer->value);
        self::assertTrue($knee->assessed()->plan->lookAgain?->withinHours);
    }

    public function test_a_replaced_joint_is_not_weighed(): void
    {
        $zones = static fn (string $implant, array $more = []): array => array_map(
            static fn ($verdict): string => $verdict->zone->value,
            Knee::hurt()->with('episode', ['implant' => $implant, ...$more])->assessed()->bearings->verdicts,
        );
        self::assertSame(array_fill(0, 9, 'withheld'), $zones('total'));
        self::assertSame(2, count(array_keys($zones('partial'), 'withheld', true)));
        $one = $zones('partial', ['operated' => ['what' => 'medial_meniscus', 'weeksAgo' => 100]]);
        self::assertSame([5], array_keys($one, 'withheld', true));
        self::assertNotContains('withheld', $zones('other'));
        self::assertContains('partial_implant', Knee::hurt()->with('episode', ['implant' => 'partial'])->remarks());
    }

    public function test_what_comes_next_spares_the_knee(): void
    {
        $bleeding = Knee::hurt()->answered()->with('history', ['swellingOnset' => 'within_2_hours'])
            ->found('effusion_sweep', ['grade' => 'cannot_empty']);
        self::assertNotContains('kneecap_glide_moving', $bleeding->next());
        self::assertContains('lachman', $bleeding->next());
        $child = Knee::hurt()->answered()->with('ageYears', 14)->found(
            'valgus_30',
            ['openingMm' => 8, 'endFeel' => 'firm'],
            ['openingMm' => 3, 'endFeel' => 'firm'],
        );
        foreach (['kneecap_glide_moving', 'kneecap_compression', 'resisted_extension', 'valgus_0', 'arthrometer'] as $not) {
            self::assertNotContains($not, $child->next());
        }
        $lame = Knee::hurt()->answered()->with('safety', [...Knee::CLEAR, 'cannotTakeFourSteps' => true]);
        self::assertNotContains('gait', $lame->next());
        $limping = Knee::hurt()->answered()->with('ageYears', 12)->with('history', ['pop' => false])->walked('antalgic');
        self::assertSame('hip_screen', $limping->next()[0]);
        self::assertStringNotContainsString('normal', $limping->assessed()->words->forAthlete());
    }

    public function test_a_sore_foot_is_not_sat_on_without_a_word(): void
    {
        $knee = Knee::hurt()->answered()->with('opening', ['consentGiven' => true, 'footSore' => true]);
        $hold = $knee->assessed()->bearings->holds->for('anterior_drawer');
        self::assertSame(['consent', true], [$hold?->kind->value, $hold?->mayOverride]);
        self::assertSame(['consent', ''], [$knee->hold('posterior_drawer'), $knee->hold('lachman')]);
    }

    /**
     * @return array{int|null, int|null}
     */
    private static function days(Knee $knee): array
    {
        $again = $knee->assessed()->plan->lookAgain;

        return [$again?->from, $again?->to];
    }

    /**
     * The core set, normal throughout.
     *
     * @param  list<string>  $without
     */
    private static function core(Knee $knee, array $without = [], string $walks = 'normal'): Knee
    {
        return TypicalKnees::soundCore($knee->walked($walks), $without);
    }

    public function test_what_hands_and_eyes_notice_beside_the_tests_is_named(): void
    {
        $ids = static fn (Knee $knee): array => array_column($knee->assessed()->bearings->also, 'id');
        $behind = static fn (string $seen): Knee => Knee::hurt()->found('alignment', ['behind' => [$seen]]);
        self::assertContains('popliteal_cyst', $ids($behind('hollow_full')));
        self::assertContains('weak_calf', $ids($behind('calf_thin')));
        self::assertContains('knee_drifting_in', $ids($behind('heel_out')));
        $refused = Knee::hurt()->found('kneecap_compression', ['refusesTensing' => true]);
        self::assertContains('patella_refused', $ids($refused));
        $worn = static fn (int $age): Knee => Knee::hurt()->with('daysSinceInjury', null)->with('setting', 'gradual')
            ->with('ageYears', $age)->found('joint_line_palpation', ['points' => ['medial_middle'], 'pinpoint' => true])
            ->found('flexion_range', ['flexionDeg' => 115], ['flexionDeg' => 140]);
        self::assertContains('wear_by_line', $ids($worn(45)));
        self::assertNotContains('wear_by_line', $ids($worn(44)));
    }

    public function test_a_softer_shin_and_an_uneven_run_are_findings(): void
    {
        $status = static fn (Knee $knee): string => $knee->assessed()->plan->availability->status->value;
        $found = static fn (Knee $knee): string => $knee->assessed()->words->forAthlete();
        $held = ['checks' => ['hamstringsRelaxed' => false], 'translationMm' => 4];
        $softer = TypicalKnees::soundCore(Knee::hurt(), ['lachman'])->found('lachman', [...$held, 'softer' => true], self::TIGHT);
        self::assertNotSame('available', $status($softer));
        self::assertStringContainsString('looser than the other', $found($softer));
        $runs = TypicalKnees::soundCore(Knee::hurt())->found('run_cut_stop', ['runs' => 'limps']);
        self::assertNotSame('available', $status($runs));
        self::assertStringContainsString('You do not run evenly.', $found($runs));
        self::assertStringNotContainsString('run evenly', $found(TypicalKnees::soundCore(Knee::hurt())->found('run_cut_stop', ['runs' => 'even'])));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Conclusions;

use GrayCompass\Core\Conclusions\Referral;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who is sent on, to whom and how soon: each rule by the smallest knee that raises it. */
final class SendOnTest extends TestCase
{
    /**
     * @return iterable<string, array{Knee, string, string}> knee, rule, within
     */
    public static function rules(): iterable
    {
        yield 'an emergency of the gate' => [Knee::hurt()->with('safety', ['openWound' => true]), 'open_joint', 'now'];
        yield 'a same-day line' => [Knee::hurt()->with('safety', ['feverOrHotRedKnee' => true]), 'joint_infection', 'same_day'];
        yield 'a line within days' => [Knee::hurt()->with('safety', ['lockedShort' => true]), 'locked_knee', 'days'];
        yield 'a routine line' => [Knee::hurt()->with('safety', ['recentSurgery' => true]), 'recent_surgery', 'routine'];
        yield 'corner' => [TypicalKnees::looseCorner(), 'corner_torn', 'week'];
        yield 'outer side, grade 2' => [Knee::hurt()->with('setting', 'older_knee')->found('varus_30', ['openingMm' => 8, 'endFeel' => 'firm'], ['openingMm' => 2, 'endFeel' => 'firm']), 'outer_side_loose', 'week'];
        yield 'outer side likely' => [TypicalKnees::looseOuterSide(), 'outer_side_torn', 'week'];
        yield 'inner side, grade 3' => [TypicalKnees::looseInnerSide(11), 'inner_side_torn', 'week'];
        yield 'two ligaments' => [TypicalKnees::tornAcl()->found('valgus_30', ['openingMm' => 9, 'endFeel' => 'soft', 'pain' => 4], ['openingMm' => 2, 'endFeel' => 'firm']), 'two_ligaments', 'week'];
        yield 'Lachman under 18' => [TypicalKnees::tornAcl()->with('ageYears', 15), 'young_lachman', 'week'];
        yield 'first dislocation with fluid' => [Knee::hurt()->with('history', ['firstDislocation' => true])->found('effusion_sweep', ['grade' => 'bulge']), 'first_dislocation', 'week'];
        yield 'a meniscus that locks' => [TypicalKnees::tornMeniscus()->with('history', ['locking' => true]), 'meniscus_locks', 'week'];
        yield 'blood that nothing explains' => [Knee::hurt()->with('history', ['swellingOnset' => 'within_2_hours'])->found('effusion_sweep', ['grade' => 'refills']), 'blood_unexplained', 'days'];
        yield 'ACL' => [TypicalKnees::tornAcl(), 'acl_likely', 'two_weeks'];
        yield 'PCL' => [TypicalKnees::tornPcl(), 'pcl_likely', 'two_weeks'];
        yield 'patellar instability' => [TypicalKnees::slippingKneecap(), 'kneecap_unstable', 'routine'];
    }

    #[DataProvider('rules')]
    public function test_each_rule_sends_on_in_its_time(Knee $knee, string $rule, string $within): void
    {
        self::assertContains([$rule, $within], self::referrals($knee));
        foreach ($knee->assessed()->plan->sendOn as $referral) {
            self::assertNotSame('', $referral->why);
            self::assertNotSame('', $referral->to);
        }
    }

    public function test_a_sound_knee_sends_nobody_and_each_rule_has_its_edge(): void
    {
        self::assertSame([], self::referrals(Knee::hurt()));
        $rules = static fn (Knee $knee): array => array_column(self::referrals($knee), 0);
        self::assertNotContains('young_lachman', $rules(TypicalKnees::tornAcl()->with('ageYears', 18)));
        self::assertNotContains('inner_side_torn', $rules(TypicalKnees::looseInnerSide(9)));
        self::assertNotContains('first_dislocation', $rules(Knee::hurt()->with('history', ['firstDislocation' => true])->found('effusion_sweep', ['grade' => 'none'])));
        self::assertNotContains('meniscus_locks', $rules(TypicalKnees::tornMeniscus()));
        self::assertNotContains('two_ligaments', $rules(TypicalKnees::tornAcl()));
    }

    public function test_blood_with_an_answer_asks_for_no_further_one(): void
    {
        $torn = TypicalKnees::tornAcl()->with('history', ['swellingOnset' => 'within_2_hours'])->found('effusion_sweep', ['grade' => 'bulge']);
        self::assertTrue($torn->assessed()->grading->effusion?->bloodLikely);
        self::assertNotContains('blood_unexplained', array_column(self::referrals($torn), 0));
        $open = Knee::hurt()->with('history', ['swellingOnset' => 'within_2_hours'])->found('effusion_sweep', ['grade' => 'refills']);
        self::assertContains(['blood_unexplained', 'two_weeks'], self::referrals($open));
    }

    public function test_what_no_test_could_settle_is_scanned_sooner_for_a_cruciate(): void
    {
        $open = array_filter(TypicalKnees::openAfterEverything()->assessed()->conditions, static fn ($verdict): bool => $verdict->tested
            && $verdict->zone->value === 'investigate' && $verdict->chance->further->value === 'none_would_change'
            && ! ($verdict->unsettled && $verdict->chance->zone->value === 'ruled_out'));
        self::assertNotSame([], $open);
        $referrals = self::referrals(TypicalKnees::openAfterEverything());
        foreach ($open as $verdict) {
            $within = in_array($verdict->condition->value, ['acl', 'pcl', 'plc'], true) ? 'two_weeks' : 'routine';
            self::assertContains(["{$verdict->condition->value}_open", $within], $referrals);
        }
        self::assertSame([], array_filter(array_column(self::referrals(TypicalKnees::openAfterEverything()->with('daysSinceInjury', null)), 0), static fn (string $rule): bool => str_ends_with($rule, '_open')));
    }

    public function test_the_worst_comes_first(): void
    {
        $order = ['now', 'same_day', 'days', 'week', 'two_weeks', 'routine'];
        $knee = TypicalKnees::tornAcl()->with('ageYears', 15)->with('safety', ['nightOrRestPain' => true, 'pittingBoth' => true]);
        $ranks = array_map(static fn (array $referral): int => (int) array_search($referral[1], $order, true), self::referrals($knee));
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertGreaterThan(3, count($ranks));
        $operated = array_column(self::referrals(TypicalKnees::looseInnerSide(11)->with('safety', ['recentSurgery' => true])), 1);
        self::assertSame(['week', 'routine'], $operated);
    }

    public function test_an_untested_condition_below_act_is_never_sent_on(): void
    {
        foreach ([TypicalKnees::tornAcl(), TypicalKnees::openAfterEverything(), Knee::hurt()] as $knee) {
            $tested = array_filter($knee->assessed()->conditions, static fn ($verdict): bool => $verdict->tested || $verdict->zone->value === 'act');
            $names = array_map(static fn ($verdict): string => $verdict->condition->value, $tested);
            foreach (self::referrals($knee) as [$rule]) {
                if (str_ends_with($rule, '_open')) {
                    self::assertContains(substr($rule, 0, -strlen('_open')), $names);
                }
            }
        }
    }

    /**
     * @return list<array{string, string}>
     */
    private static function referrals(Knee $knee): array
    {
        return array_map(static fn (Referral $referral): array => [$referral->rule, $referral->within->value], $knee->assessed()->plan->sendOn);
    }
}

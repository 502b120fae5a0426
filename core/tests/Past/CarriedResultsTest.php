<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Past;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\Visits;
use GrayCompass\Core\Wire\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What earlier visits of the same episode still say. */
final class CarriedResultsTest extends TestCase
{
    private const HELD = ['hamstringsRelaxed' => true, 'footStayedDown' => true, 'thighStable' => true];

    private const LOOSE = ['translationMm' => 10, 'endFeel' => 'soft', 'checks' => self::HELD];

    private const FIRM = ['translationMm' => 4, 'endFeel' => 'firm', 'checks' => self::HELD];

    private const GUARDED = ['translationMm' => 4, 'endFeel' => 'firm', 'checks' => ['hamstringsRelaxed' => false]];

    public function test_a_valid_result_of_an_earlier_visit_is_weighed_under_its_day(): void
    {
        $knee = self::onDay(12)->with('earlier', [Visits::ago(8, self::lachman(self::LOOSE))]);
        $written = AssessmentWriter::write($knee->assessed());
        self::assertSame(['lachman 2026-11-22'], self::carried($written));
        $ids = array_column(array_merge(...array_column($written['weighing']['groups'], 'results')), 'finding');
        self::assertSame(['lachman@2026-11-22'], $ids);
        self::assertSame(['lachman@2026-11-22'], array_unique(array_column($written['trace'], 'finding')));
        self::assertSame('clear', $written['trace'][0]['level']);
        self::assertEqualsWithDelta(
            self::onDay(12)->found('lachman', self::LOOSE, self::FIRM)->chance(Condition::Acl),
            $knee->chance(Condition::Acl),
            1e-12,
            'as if it had been found today',
        );
    }

    public function test_each_visit_is_weighed_with_the_figures_of_its_phase(): void
    {
        $drawer = array_diff_key(self::LOOSE, ['checks' => true]);
        $fresh = static fn (int $ago): float => self::onDay(20)->with('earlier', [Visits::ago($ago, [
            Visits::hurt('anterior_drawer', $drawer), Visits::other('anterior_drawer', array_diff_key(self::FIRM, ['checks' => true])),
        ], ['daysSinceInjury' => 20 - $ago])])->chance(Condition::Acl);
        self::assertLessThan($fresh(5), $fresh(6), 'an anterior drawer says less to day 14');
    }

    public function test_visits_that_agree_count_once(): void
    {
        $once = self::onDay(12)->found('lachman', self::LOOSE, self::FIRM);
        $twice = self::onDay(12)->found('lachman', self::LOOSE, self::FIRM)->with('earlier', [
            Visits::ago(4, self::lachman(self::LOOSE)), Visits::ago(8, self::lachman(self::LOOSE)),
        ]);
        self::assertSame($once->chance(Condition::Acl), $twice->chance(Condition::Acl));
        self::assertSame([], self::carried(AssessmentWriter::write($twice->assessed())));
    }

    public function test_visits_that_contradict_each_other_both_count_and_settle_nothing(): void
    {
        $knee = self::onDay(12)->found('lachman', self::FIRM, self::FIRM)
            ->with('earlier', [Visits::ago(8, self::lachman(self::LOOSE))]);
        $verdict = $knee->verdict(Condition::Acl);
        $alone = self::onDay(12)->found('lachman', self::FIRM, self::FIRM)->chance(Condition::Acl);
        self::assertTrue($verdict->unsettled);
        self::assertSame('investigate', $verdict->zone->value);
        self::assertGreaterThan(5 * $alone, $verdict->posttest());
        $remark = array_values(array_filter(
            $knee->assessed()->remarks,
            static fn ($one): bool => $one->code === 'laxity_contradicts',
        ))[0];
        self::assertStringStartsWith('Lachman: +6 mm 8 days ago, +0 mm today.', English::of($remark->say));
    }

    public function test_pain_that_has_gone_still_counts_beside_its_absence(): void
    {
        $line = static fn (array $points): array => [Visits::hurt('joint_line_palpation', $points), Visits::other('joint_line_palpation', ['points' => []])];
        $sore = $line(['points' => ['medial_middle'], 'pinpoint' => true]);
        $today = static fn (): Knee => self::onDay(12)->found('joint_line_palpation', ['points' => []], ['points' => []]);
        $both = $today()->with('earlier', [Visits::ago(8, $sore)]);
        self::assertGreaterThan($today()->chance(Condition::MedialMeniscus), $both->chance(Condition::MedialMeniscus));
        self::assertFalse($both->verdict(Condition::MedialMeniscus)->unsettled, 'only laxity contradicts');
    }

    public function test_a_firm_lachman_of_the_first_days_yields_to_a_loose_one(): void
    {
        $today = static fn (): Knee => self::onDay(12)->found('lachman', self::LOOSE, self::FIRM);
        $early = [Visits::ago(10, self::lachman(self::FIRM), ['daysSinceInjury' => 2])];
        $later = [Visits::ago(9, self::lachman(self::FIRM), ['daysSinceInjury' => 3])];
        self::assertSame($today()->chance(Condition::Acl), $today()->with('earlier', $early)->chance(Condition::Acl));
        self::assertFalse($today()->with('earlier', $early)->verdict(Condition::Acl)->unsettled);
        self::assertTrue($today()->with('earlier', $later)->verdict(Condition::Acl)->unsettled);
        $alone = self::onDay(12)->with('earlier', $early);
        self::assertSame('negative', $alone->reads('lachman'), 'it still counts where nothing contradicts it');
        self::assertNotSame('ruled_out', $alone->verdict(Condition::Acl)->zone->value);
        self::assertSame('ruled_out', self::onDay(12)->with('earlier', $later)->verdict(Condition::Acl)->zone->value);
    }

    public function test_what_cannot_be_read_today_leaves_the_earlier_result(): void
    {
        $knee = self::onDay(12)->found('lachman', self::GUARDED, self::FIRM)
            ->with('earlier', [Visits::ago(8, self::lachman(self::LOOSE))]);
        self::assertSame(['lachman 2026-11-22'], self::carried(AssessmentWriter::write($knee->assessed())));
    }

    public function test_what_did_not_count_then_does_not_count_now(): void
    {
        $knee = self::onDay(12)->with('earlier', [Visits::ago(8, self::lachman(self::GUARDED))]);
        self::assertSame([], self::carried(AssessmentWriter::write($knee->assessed())));
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, int}>
     */
    public static function lasting(): iterable
    {
        yield 'laxity, six weeks' => ['lachman', self::LOOSE, self::FIRM, 42];
        yield 'apprehension, four weeks' => ['kneecap_glide', ['outwardApprehension' => 'apprehension'], ['outwardApprehension' => 'none'], 28];
        yield 'tenderness, two weeks' => ['joint_line_palpation', ['points' => ['medial_middle'], 'pinpoint' => true], ['points' => []], 14];
    }

    /**
     * @param  array<string, mixed>  $hurt
     * @param  array<string, mixed>  $other
     */
    #[DataProvider('lasting')]
    public function test_how_long_a_sign_stands(string $manoeuvre, array $hurt, array $other, int $days): void
    {
        $after = static fn (int $ago): array => self::carried(AssessmentWriter::write(self::onDay(80)->with('earlier', [
            Visits::ago($ago, [Visits::hurt($manoeuvre, $hurt), Visits::other($manoeuvre, $other)]),
        ])->assessed()));
        self::assertNotSame([], $after($days));
        self::assertSame([], $after($days + 1));
    }

    public function test_range_and_gait_are_of_their_day_and_an_effusion_of_its_episode(): void
    {
        $visit = Visits::ago(34, [
            Visits::hurt('passive_extension', ['extensionDeg' => -8, 'endFeel' => 'firm']),
            Visits::other('passive_extension', ['extensionDeg' => 2, 'endFeel' => 'firm']),
            Visits::hurt('effusion_sweep', ['grade' => 'refills']), Visits::other('effusion_sweep', ['normal' => true]),
        ]);
        $later = self::onDay(40)->with('earlier', [$visit])
            ->found('effusion_sweep', ['normal' => true], ['normal' => true]);
        self::assertSame(['effusion 2026-10-27'], self::carried(AssessmentWriter::write($later->assessed())));
        $results = $later->assessed()->bearings->results;
        self::assertSame('too_late', $results->today->results[0]->exclusion?->value);
        self::assertSame('negative', $later->assessed()->bearings->grading->effusion?->outcome->value);
        self::assertSame([], $later->assessed()->bearings->abnormal, 'availability looks at today');
    }

    public function test_nothing_is_carried_across_an_operation_and_no_pain_across_an_injection(): void
    {
        $visit = Visits::ago(10, [...self::lachman(self::LOOSE), Visits::hurt('joint_line_palpation', ['points' => ['medial_middle'], 'pinpoint' => true])]);
        $after = static fn (string $key, mixed $value): array => self::carried(AssessmentWriter::write(
            self::onDay(30)->with('earlier', [$visit])->with($key, $value)->assessed(),
        ));
        $operation = static fn (int $ago): array => [['by' => 'operation', 'on' => '2026-11-20', 'daysAgo' => $ago, 'episode' => 'this', 'results' => ['pcl' => 'absent']]];
        self::assertCount(3, $after('known', $operation(11)), 'with the other side of the joint line');
        self::assertSame([], $after('known', $operation(10)));
        self::assertSame([], $after('episode', ['operated' => ['what' => 'other', 'weeksAgo' => 1]]));
        self::assertSame(['lachman 2026-11-20'], $after('episode', ['injectionWeeksAgo' => 1]));
    }

    public function test_what_is_about_to_expire_or_was_firm_too_early_is_offered_again(): void
    {
        $why = static function (int $ago, array $found, array $more = []): string {
            $knee = self::onDay(60)->answered()->with('earlier', [Visits::ago($ago, $found, $more)]);
            foreach ($knee->assessed()->nextTests as $one) {
                if ($one->manoeuvre === 'lachman') {
                    return English::of($one->why);
                }
            }

            return '';
        };
        self::assertSame('Lachman: found 40 days ago, valid for 2 more days.', $why(40, self::lachman(self::FIRM)));
        self::assertSame('Lachman: found 40 days ago, valid for 2 more days.', $why(40, self::lachman(self::LOOSE)));
        self::assertStringNotContainsString('more days', $why(38, self::lachman(self::LOOSE)));
        self::assertSame(
            'Lachman: negative in the first days, which may be guarding.',
            $why(20, self::lachman(self::FIRM), ['daysSinceInjury' => 1]),
        );
    }

    public function test_support_play_and_availability_look_at_today_and_at_carried_laxity(): void
    {
        $sore = self::onDay(20)->with('earlier', [Visits::ago(8, [
            Visits::hurt('valgus_30', ['openingMm' => 2, 'endFeel' => 'firm', 'pain' => 6, 'painSite' => 'medial']),
            Visits::other('valgus_30', ['openingMm' => 2, 'endFeel' => 'firm', 'pain' => 0]),
        ])]);
        self::assertSame([], $sore->assessed()->bearings->abnormal);
        $open = self::onDay(20)->with('earlier', [Visits::ago(8, [
            Visits::hurt('valgus_30', ['openingMm' => 9, 'endFeel' => 'soft', 'pain' => 0]),
            Visits::other('valgus_30', ['openingMm' => 2, 'endFeel' => 'firm', 'pain' => 0]),
        ])]);
        self::assertSame('hinged_limited', $open->assessed()->plan->support->type->value);
        self::assertSame(2, $open->verdict(Condition::Mcl)->grade);
    }

    /**
     * @param  array<string, mixed>  $hurt
     * @return list<array<string, mixed>>
     */
    private static function lachman(array $hurt): array
    {
        return [Visits::hurt('lachman', $hurt), Visits::other('lachman', self::FIRM)];
    }

    private static function onDay(int $day): Knee
    {
        return Knee::hurt()->with('daysSinceInjury', $day)->with('setting', 'specialist');
    }

    /**
     * @param  array<string, mixed>  $written
     * @return list<string> finding and day
     */
    private static function carried(array $written): array
    {
        return array_values(array_map(
            static fn (array $one): string => "{$one['finding']} {$one['carriedFrom']}",
            array_filter($written['results'], static fn (array $one): bool => $one['carriedFrom'] !== null),
        ));
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Past;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\Visits;
use GrayCompass\Core\Wire\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What scans, arthroscopy and operations say of the knee that is examined today. */
final class KnownResultsTest extends TestCase
{
    private const HELD = ['hamstringsRelaxed' => true, 'footStayedDown' => true, 'thighStable' => true];

    private const LOOSE = ['translationMm' => 10, 'endFeel' => 'soft', 'checks' => self::HELD];

    private const GROSS = ['translationMm' => 18, 'endFeel' => 'absent', 'checks' => self::HELD];

    private const FIRM = ['translationMm' => 4, 'endFeel' => 'firm', 'checks' => self::HELD];

    public function test_a_look_is_weighed_with_a_row_and_a_group_of_its_own(): void
    {
        $knee = self::known('mri', 5, ['acl' => 'present', 'mcl' => 'absent']);
        $weighing = AssessmentWriter::write($knee->assessed())['weighing'];
        self::assertSame(['scan_mri:acl', 'scan_mri:mcl'], array_map(
            static fn (array $group): string => $group['results'][0]['finding'],
            $weighing['groups'],
        ));
        self::assertSame(['acl'], array_keys((array) $weighing['groups'][0]['results'][0]['targets']));
        $odds = static fn (float $chance): float => $chance / (1 - $chance);
        $alone = self::known('mri', 5, ['acl' => 'present']);
        self::assertEqualsWithDelta(
            0.87 / 0.07,
            $odds($alone->chance(Condition::Acl)) / $odds(self::knee()->chance(Condition::Acl)),
            1e-9,
            'Phelan 2016: 0.87 and 0.93',
        );
    }

    public function test_of_several_looks_the_strongest_and_then_the_newest_counts(): void
    {
        $known = static fn (array ...$looks): string => self::knee()->with('known', array_values($looks))->verdict(Condition::Acl)->zone->value;
        $scan = Visits::known('mri', 2, ['acl' => 'absent']);
        $scope = Visits::known('arthroscopy', 9, ['acl' => 'present']);
        $newer = Visits::known('operation', 1, ['acl' => 'absent']);
        self::assertSame('confirmed', $known($scan, $scope));
        self::assertSame('excluded', $known($scope, $scan, $newer));
        self::assertNotSame('confirmed', $known(Visits::known('mri', 2, ['acl' => 'present'])), 'a scan gives a chance');
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function shownOnly(): iterable
    {
        yield 'ultrasound' => ['ultrasound'];
        yield 'X-ray' => ['xray'];
        yield 'course' => ['course'];
    }

    #[DataProvider('shownOnly')]
    public function test_what_has_no_figures_is_shown_and_not_weighed(string $by): void
    {
        $knee = self::known($by, 5, ['acl' => 'present']);
        self::assertSame(self::knee()->chance(Condition::Acl), $knee->chance(Condition::Acl));
        self::assertStringContainsString('ACL tear', self::note($knee, 'known'));
    }

    public function test_a_treated_ligament_is_never_judged_again_and_anything_else_after_a_year(): void
    {
        $zone = static fn (string $treated, int $ago, string $of): string => self::known('operation', $ago, [$of => 'present'], ['treated' => $treated])
            ->verdict(Condition::from($of))->zone->value;
        foreach (['acl' => 'reconstructed', 'pcl' => 'repaired', 'plc' => 'reconstructed', 'lcl' => 'repaired'] as $of => $treated) {
            self::assertSame('withheld', $zone($treated, 3000, $of));
        }
        foreach (['mcl' => 'repaired', 'medial_meniscus' => 'removed', 'patellar_instability' => 'reconstructed'] as $of => $treated) {
            self::assertSame('withheld', $zone($treated, 365, $of));
            self::assertNotSame('withheld', $zone($treated, 366, $of));
        }
        $untouched = self::known('operation', 30, ['acl' => 'present', 'medial_meniscus' => 'absent'], ['treated' => 'reconstructed']);
        self::assertSame('excluded', $untouched->verdict(Condition::MedialMeniscus)->zone->value);
    }

    public function test_a_graft_that_tests_loose_goes_to_the_surgeon_who_operated(): void
    {
        $knee = self::known('operation', 300, ['acl' => 'present'], ['treated' => 'reconstructed', 'episode' => 'before'])
            ->found('lachman', self::LOOSE, self::FIRM);
        self::assertSame(['cruciate_loose week'], $knee->sentOn());
        self::assertTrue($knee->assessed()->plan->sendOn[0]->isToOperator());
        self::assertSame('not_asked', $knee->assessed()->plan->play->answer->value);
    }

    public function test_a_tear_that_was_found_asks_for_an_opinion_and_for_no_second_scan(): void
    {
        $loose = self::known('mri', 5, ['acl' => 'present'])->found('lachman', self::LOOSE, self::FIRM);
        self::assertSame(['known_tear two_weeks'], $loose->sentOn());
        self::assertSame('ACL tear: treatment?', English::of($loose->assessed()->plan->sendOn[0]->question));
        $told = $loose->with('episode', ['surgeonSaid' => ['on' => '2026-11-28', 'cleared' => false]]);
        self::assertSame([], $told->sentOn());
        self::assertSame('out', $told->assessed()->plan->availability->status->value);
        self::assertSame([14, 28], [$told->assessed()->plan->lookAgain?->from, $told->assessed()->plan->lookAgain?->to]);
    }

    public function test_a_surgeons_word_is_about_what_was_known_then(): void
    {
        $said = ['surgeonSaid' => ['on' => '2024-08-01', 'cleared' => true]];
        $knee = self::known('mri', 5, ['medial_meniscus' => 'present'])->with('episode', $said);
        self::assertSame(['known_tear two_weeks'], $knee->sentOn());
        $same = self::known('mri', 900, ['acl' => 'present'], ['episode' => 'before'])->with('episode', $said);
        self::assertSame([], $same->sentOn(), 'it was found in June 2024');
        self::assertFalse($same->assessed()->bearings->awaitsClearance());
        $again = self::known('mri', 5, ['acl' => 'present'])->with('episode', $said);
        self::assertTrue($again->assessed()->bearings->awaitsClearance(), 'cleared before it was torn');
    }

    public function test_new_signs_ask_again(): void
    {
        $answered = static fn (array $today): Knee => self::known('mri', 5, ['acl' => 'present'])
            ->with('episode', ['surgeonSaid' => ['on' => '2026-11-28', 'cleared' => false]])
            ->with('earlier', [Visits::ago(8, [Visits::hurt('lachman', self::LOOSE), Visits::other('lachman', self::FIRM)])])
            ->found('lachman', $today, self::FIRM);
        self::assertSame([], $answered(self::LOOSE)->sentOn());
        self::assertSame(['cruciate_loose two_weeks'], $answered(self::GROSS)->sentOn());
        self::assertNotEmpty(self::scans($answered(self::GROSS)));
        $locked = $answered(self::LOOSE)->with('history', ['locking' => true])
            ->found('passive_extension', ['extensionDeg' => -20, 'endFeel' => 'springy'], ['extensionDeg' => 2, 'endFeel' => 'firm']);
        self::assertContains('locked_knee week', $locked->sentOn());
    }

    public function test_a_clean_scan_of_a_loose_knee_leaves_the_question_to_the_surgeon(): void
    {
        $knee = self::known('mri', 5, ['acl' => 'absent'])->with('history', ['pop' => true, 'givingWay' => true])
            ->found('lachman', self::GROSS, self::FIRM)->found('pivot_shift', ['grade' => 'gross'], ['grade' => 'none']);
        self::assertSame(['cruciate_loose two_weeks'], $knee->sentOn());
        self::assertSame([], self::scans($knee));
        self::assertContains('hands_against_scan', $knee->remarks());
        $torn = self::known('mri', 5, ['acl' => 'present'])->found('lachman', self::FIRM, self::FIRM)
            ->with('daysSinceInjury', 12);
        self::assertContains('scan_against_hands', $torn->remarks());
    }

    public function test_an_old_tear_that_nobody_treated_is_given_and_its_laxity_is_for_comparison(): void
    {
        $old = static fn (string $by): Knee => self::known($by, 900, ['acl' => 'present', 'medial_meniscus' => 'present'], ['episode' => 'before'])
            ->found('lachman', self::GROSS, self::FIRM);
        $knee = $old('mri');
        $verdict = $knee->verdict(Condition::Acl);
        self::assertSame('confirmed', $verdict->zone->value);
        self::assertSame(0.995, $verdict->chance->pretest);
        self::assertSame('old_tear', $knee->result('lachman')->exclusion?->value);
        self::assertSame(['known_tear two_weeks'], $knee->sentOn());
        self::assertNotSame('confirmed', $knee->verdict(Condition::MedialMeniscus)->zone->value, 'a scan does not date a meniscus');
        self::assertSame('confirmed', $old('arthroscopy')->verdict(Condition::MedialMeniscus)->zone->value);
        $absent = self::known('arthroscopy', 900, ['acl' => 'absent'], ['episode' => 'before']);
        self::assertSame(self::knee()->chance(Condition::Acl), $absent->chance(Condition::Acl));
    }

    public function test_an_old_tear_never_hides_that_several_ligaments_are_loose(): void
    {
        $both = static fn (): Knee => self::knee()->with('daysSinceInjury', 1)
            ->found('lachman', self::GROSS, self::FIRM)
            ->found('posterior_drawer', ['translationMm' => 14, 'endFeel' => 'absent'], ['translationMm' => 3, 'endFeel' => 'firm']);
        self::assertSame('emergency', $both()->lines()['multi_ligament'] ?? '');
        $old = [Visits::known('mri', 900, ['acl' => 'present', 'pcl' => 'present'], ['episode' => 'before'])];
        self::assertSame('emergency', $both()->with('known', $old)->lines()['multi_ligament'] ?? '');
    }

    public function test_the_athlete_hears_what_was_found_and_no_number(): void
    {
        foreach ([
            ['mri', 'this', 'The scan showed that the front cross ligament (ACL) is torn.'],
            ['arthroscopy', 'this', 'The surgeon saw inside the knee that the front cross ligament (ACL) is torn.'],
            ['operation', 'before', 'We know from before this injury that the front cross ligament (ACL) is torn.'],
        ] as [$by, $episode, $said]) {
            $knee = self::known($by, 20, ['acl' => 'present'], ['episode' => $episode])
                ->found('lachman', self::LOOSE, self::FIRM);
            $text = $knee->assessed()->words->forAthlete();
            self::assertStringContainsString($said, $text);
            self::assertStringNotContainsString('in 100', $text);
        }
    }

    public function test_after_an_operation_blood_that_was_told_before_it_asks_nobody(): void
    {
        $history = ['swellingOnset' => 'within_2_hours'];
        self::assertNotSame([], self::knee()->with('history', $history)->sentOn());
        $operated = self::known('operation', 2, ['acl' => 'present'], ['treated' => 'reconstructed'])->with('history', $history);
        self::assertSame([], $operated->sentOn());
        self::assertNotSame([], $operated->found('effusion_sweep', ['grade' => 'refills'], ['normal' => true])->sentOn());
    }

    /**
     * @return list<Referral>
     */
    private static function scans(Knee $knee): array
    {
        return array_values(array_filter(
            $knee->assessed()->plan->sendOn,
            static fn (Referral $one): bool => str_contains($one->to->name()->code, 'mri'),
        ));
    }

    private static function note(Knee $knee, string $code): string
    {
        foreach ($knee->assessed()->words->note as $line) {
            if ($line->code === $code) {
                return $line->text;
            }
        }

        return '';
    }

    /**
     * @param  array<string, string>  $results
     * @param  array<string, mixed>  $more
     */
    private static function known(string $by, int $daysAgo, array $results, array $more = []): Knee
    {
        return self::knee()->with('known', [Visits::known($by, $daysAgo, $results, $more)]);
    }

    private static function knee(): Knee
    {
        return Knee::hurt()->answered()->with('daysSinceInjury', 12);
    }
}

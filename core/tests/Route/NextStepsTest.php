<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Route;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\TestCase;

/** What to do next: questions, the core set in its order, then what could change what one would do. */
final class NextStepsTest extends TestCase
{
    private const CORE = [
        'distal_pulse', 'sensation', 'ankle_lift', 'inspection', 'gait', 'effusion_sweep', 'straight_leg_raise',
        'passive_extension', 'kneecap_glide', 'valgus_0', 'varus_0',
        'flexion_range', 'posterior_sag', 'joint_line_palpation', 'landmark_palpation', 'lachman', 'valgus_30',
        'varus_30', 'mcmurray',
    ];

    public function test_gate_and_story_come_first_and_then_the_core_set_in_its_order(): void
    {
        self::assertSame(
            ['answer_gate', 'ask_story', ...self::CORE],
            array_slice(Knee::hurt()->next(), 0, 2 + count(self::CORE)),
        );
        self::assertSame(self::CORE, array_slice($this->asked()->next(), 0, count(self::CORE)));
        self::assertSame(
            'hip_screen',
            $this->asked()->with('daysSinceInjury', null)->with(
                'safety',
                [
                    'feverOrHotRedKnee' => false,
                    'nightOrRestPain' => false,
                    'calfSwollenTender' => false,
                    'recentSurgery' => false,
                ],
            )->next()[5],
        );
        self::assertSame('answer_gate', Knee::hurt()->answered()->with('ageYears', null)->next()[0]);
    }

    public function test_what_this_knee_cannot_be_brought_to_is_not_proposed(): void
    {
        self::assertNotContains('mcmurray', $this->asked()->found('flexion_range', ['flexionDeg' => 119])->next());
        self::assertContains('mcmurray', $this->asked()->found('flexion_range', ['flexionDeg' => 120])->next());
        self::assertNotContains(
            'posterior_sag',
            $this->asked()->with('daysSinceInjury', 20)->found('flexion_range', ['flexionDeg' => 79])->next(),
        );
        self::assertContains('posterior_sag', $this->asked()->found('flexion_range', ['flexionDeg' => 90])->next());
        self::assertNotContains('mcmurray', $this->asked(['painNow' => 4])->next());
        self::assertContains('mcmurray', $this->asked(['painNow' => 3])->next());
        self::assertNotContains('mcmurray', $this->asked()->found('effusion_sweep', ['grade' => 'refills'])->next());
        foreach ([$this->asked()->walked('antalgic'), $this->asked(['painNow' => 6])] as $knee) {
            self::assertSame([], array_intersect(['deep_squat', 'step_down', 'thessaly_20'], $knee->next()));
        }
    }

    public function test_what_is_held_or_refused_is_not_proposed_and_an_emergency_proposes_nothing(): void
    {
        self::assertNotContains(
            'lachman',
            $this->asked()->with('safety', [...Knee::CLEAR, 'cannotFlexTo90' => true])->next(),
        );
        self::assertNotContains('lachman', $this->asked()->found('lachman', ['notDone' => 'declined'])->next());
        self::assertContains('lachman', $this->asked()->found('lachman', ['notDone' => 'time'])->next());
        self::assertSame([], Knee::hurt()->with('safety', ['calfTense' => true])->next());
        self::assertFalse(Knee::hurt()->with('safety', ['calfTense' => true])->assessed()->nothingChanges());
    }

    public function test_a_void_test_is_proposed_again_only_where_its_cause_can_be_mended_with_the_way(): void
    {
        $lachman = fn (array $checks): Knee => $this->asked()->found(
            'lachman',
            ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => $checks],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        $guarded = $lachman(['hamstringsRelaxed' => false]);
        self::assertContains('lachman', $guarded->next());
        $why = array_column(
            array_map(static fn ($one): array => [$one->manoeuvre, English::of($one->why)], $guarded->assessed()->nextTests),
            1,
            0,
        );
        self::assertSame('Repeat: own thigh under the knee, muscles soft.', $why['lachman']);
        self::assertNotContains('lachman', $lachman([])->next());
        $early = $this->asked()->with('daysSinceInjury', 0)->with('hoursSinceInjury', 1)->found(
            'effusion_sweep',
            ['grade' => 'none'],
        );
        self::assertNotContains('effusion_sweep', $early->next(), 'only time mends it');
    }

    public function test_a_positive_sag_is_followed_by_the_drawer_and_the_quadriceps(): void
    {
        self::assertSame(
            ['posterior_drawer', 'quadriceps_active'],
            array_slice($this->asked()->found('posterior_sag', ['sagSeen' => true])->next(), 0, 2),
        );
    }

    public function test_beyond_the_core_set_a_test_must_be_worth_it_and_pain_waits_behind_a_torn_ligament(): void
    {
        $sound = $this->through($this->asked([
            'pop' => false,
            'couldNotContinue' => false,
            'givingWay' => false,
            'locking' => false,
            'kneecapShifted' => false,
            'frontLoadPain' => false,
            'swellingOnset' => 'none',
            'mechanism' => ['none_recalled'],
        ]));
        self::assertLessThan(4, count($sound->next()));
        $torn = $this->through(
            $this->asked([
                'pop' => true,
                'couldNotContinue' => true,
                'givingWay' => true,
                'swellingOnset' => 'within_2_hours',
                'mechanism' => ['twist_on_planted_foot'],
            ]),
            'lachman',
        )->found(
            'lachman',
            ['translationMm' => 14, 'endFeel' => 'absent'],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        self::assertSame(
            [],
            array_intersect(
                ['deep_squat', 'step_down', 'kneecap_compression', 'resisted_extension', 'kneecap_edges'],
                $torn->next(),
            ),
        );
        foreach ($torn->assessed()->nextTests as $next) {
            self::assertMatchesRegularExpression(
                '/: [<>]?\d+ in 100 now; [<>]?\d+ if positive, [<>]?\d+ if negative$/',
                English::of($next->why),
            );
        }
    }

    public function test_nothing_changes_is_said_when_nothing_is_left(): void
    {
        $done = TypicalKnees::openAfterEverything()->answered()->with('history', ['pop' => false])->walked('normal');
        foreach (['distal_pulse', 'sensation', 'ankle_lift', 'inspection', 'flexion_range'] as $look) {
            $done->found($look, ['normal' => true]);
        }
        self::assertSame($done->next() === [], $done->assessed()->nothingChanges());
        self::assertSame([], array_intersect(self::CORE, $done->next()));
    }

    public function test_prone_comes_last_on_the_first_day(): void
    {
        $first = $this->asked(['locking' => true])->with('daysSinceInjury', 0)->next();
        $prone = array_keys(array_intersect($first, ['apley', 'dial_30', 'dial_90']));
        self::assertSame($prone, array_slice(array_keys($first), -count($prone)));
        self::assertNotSame([], $prone);
    }

    /**
     * @param  array<string, mixed>  $history
     */
    private function asked(array $history = ['pop' => false]): Knee
    {
        return Knee::hurt()->answered()->with('history', $history);
    }

    /** The core set done, all of it normal but for what is left out. */
    private function through(Knee $knee, string $without = ''): Knee
    {
        foreach (array_diff(self::CORE, ['gait', $without]) as $manoeuvre) {
            $knee->found($manoeuvre, ['normal' => true], ['normal' => true]);
        }

        return $knee->walked('normal');
    }
}

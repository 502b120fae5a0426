<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Plan\Play;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** Who may go on: everything must be known and in order, and each single gap says stop. */
final class PlayTest extends TestCase
{
    private const STORY = [
        'pop' => false,
        'givingWay' => false,
        'kneecapShifted' => false,
        'locking' => false,
        'couldNotContinue' => false,
        'painNow' => 2,
    ];

    private const NORMAL = [
        'effusion_sweep', 'straight_leg_raise', 'posterior_sag', 'lachman', 'valgus_0', 'valgus_30', 'varus_0',
        'varus_30', 'hop', 'run_cut_stop',
    ];

    public function test_a_sound_knee_may_continue_and_is_told_what_that_does_not_mean(): void
    {
        self::assertSame(['may_continue', []], $this->play($this->knee()));
        self::assertStringContainsString('never clears a return', English::of(Play::neverClears()));
    }

    public function test_each_thing_left_undone_says_stop(): void
    {
        foreach (self::NORMAL as $manoeuvre) {
            [$answer, $why] = $this->play($this->knee(without: $manoeuvre));
            self::assertSame('stop', $answer, $manoeuvre);
            self::assertNotSame([], $why, $manoeuvre);
        }
        self::assertSame('stop', $this->play($this->knee(walk: false))[0]);
    }

    public function test_a_leg_that_is_raised_with_a_lag_or_a_limp_says_stop(): void
    {
        self::assertSame(
            ['stop', ['The straight leg raise is not full.']],
            $this->play($this->knee(without: 'straight_leg_raise')->found(
                'straight_leg_raise',
                ['result' => 'lag', 'lagDeg' => 5],
            )),
        );
        self::assertSame(
            ['stop', ['The straight leg raise was not done.']],
            $this->play($this->knee(without: 'straight_leg_raise')),
        );
    }

    public function test_each_part_of_the_story_says_stop_when_told_or_not_asked(): void
    {
        foreach (['pop', 'givingWay', 'kneecapShifted', 'locking', 'couldNotContinue'] as $item) {
            self::assertSame(
                'stop',
                $this->play($this->knee()->with('history', [...self::STORY, $item => true]))[0],
                $item,
            );
            self::assertStringContainsString(
                'Not asked',
                $this->play($this->knee()->with('history', array_diff_key(self::STORY, [$item => 0])))[1][0],
            );
        }
        self::assertSame(
            'may_continue',
            $this->play($this->knee()->with('history', [...self::STORY, 'painNow' => 3.9]))[0],
        );
        self::assertSame(
            ['stop', ['Pain is 4 or more.']],
            $this->play($this->knee()->with('history', [...self::STORY, 'painNow' => 4])),
        );
    }

    public function test_the_gate_must_be_answered_and_empty(): void
    {
        self::assertSame(
            'stop',
            $this->play($this->knee()->with('safety', array_diff_key(Knee::CLEAR, ['deformity' => 0])))[0],
        );
        self::assertSame(
            ['stop', ['The safety check raised a red flag.']],
            $this->play($this->knee()->with('safety', [...Knee::CLEAR, 'pittingBoth' => true])),
        );
    }

    public function test_what_the_hands_found_decides(): void
    {
        $grade1 = ['openingMm' => 3, 'endFeel' => 'firm', 'pain' => 2];
        self::assertSame(
            'may_continue_supported',
            $this->play($this->knee(without: 'valgus_30')->found('valgus_30', $grade1, ['openingMm' => 3]))[0],
        );
        self::assertSame(
            'stop',
            $this->play($this->knee(without: 'valgus_30')->found(
                'valgus_30',
                ['openingMm' => 9],
                ['openingMm' => 3],
            ))[0],
        );
        self::assertSame(
            'stop',
            $this->play($this->knee(without: 'varus_30')->found(
                'varus_30',
                ['openingMm' => 6.5],
                ['openingMm' => 3],
            ))[0],
        );
        self::assertSame(
            'stop',
            $this->play($this->knee()->found('anterior_drawer', ['translationMm' => 12], ['translationMm' => 3]))[0],
        );
        self::assertSame(
            'stop',
            $this->play($this->knee()->found(
                'passive_extension',
                ['extensionDeg' => -8, 'endFeel' => 'springy'],
                ['extensionDeg' => 0],
            ))[0],
        );
        self::assertSame('stop', $this->play($this->knee(without: 'hop')->found('hop', ['afraid' => true]))[0]);
        self::assertSame(
            'stop',
            $this->play($this->knee(without: 'run_cut_stop')->found('run_cut_stop', ['pain' => 1]))[0],
        );
        self::assertSame(
            'stop',
            $this->play($this->knee(without: 'effusion_sweep')->found('effusion_sweep', ['grade' => 'trace']))[0],
        );
    }

    public function test_what_is_not_clear_says_stop(): void
    {
        $unsteady = ['openingMm' => 2, 'endFeel' => 'firm', 'checks' => ['thighStable' => false]];
        self::assertSame(
            ['stop', ['A collateral test is not valid.']],
            $this->play($this->knee(without: 'varus_30')->found('varus_30', $unsteady, ['openingMm' => 2])),
        );
        $slid = ['translationMm' => 12, 'endFeel' => 'soft', 'checks' => ['footStayedDown' => false]];
        self::assertSame(
            ['stop', ['A cruciate test is not clear.']],
            $this->play($this->knee()->found('anterior_drawer', $slid, ['translationMm' => 3, 'endFeel' => 'firm'])),
        );
        self::assertSame(
            ['stop', ['A cruciate test is positive.']],
            $this->play($this->knee()->found('anterolateral_shift', ['felt' => true], ['felt' => false])),
        );
        self::assertSame(
            ['stop', ['A cruciate test is positive.']],
            $this->play($this->knee()->found(
                'arthrometer',
                ['forceN' => 134, 'translationMm' => 9],
                ['forceN' => 134, 'translationMm' => 4],
            )),
        );
    }

    public function test_it_is_asked_on_the_touchline_or_once_hopping_and_running_were_done(): void
    {
        self::assertSame('not_asked', $this->play($this->knee(without: 'hop')->with('route', 'clinic_core'))[0]);
        self::assertSame('may_continue', $this->play($this->knee()->with('route', 'clinic_core'))[0]);
        self::assertSame(
            'stop',
            $this->play($this->knee(without: 'hop')->with('route', 'clinic_core')->with('setting', 'touchline'))[0],
        );
    }

    public function test_soft_hamstrings_must_be_said_and_fluid_that_cannot_be_known_yet_does_not_stop(): void
    {
        $unsaid = $this->knee(without: 'lachman')->found('lachman', ['normal' => true]);
        self::assertSame(
            ['stop', ['In the Lachman, relaxed hamstrings are not ticked.']],
            $this->play($unsaid),
        );
        $early = $this->knee()->with('daysSinceInjury', 0)->with('hoursSinceInjury', 0.2);
        self::assertSame('may_continue', $this->play($early)[0]);
        self::assertTrue($early->assessed()->plan->lookAgain?->withinHours);
    }

    public function test_a_sag_and_a_knee_that_was_never_straightened(): void
    {
        self::assertSame(
            'stop',
            $this->play($this->knee(without: 'posterior_sag')->found('posterior_sag', ['sagSeen' => true]))[0],
        );
        self::assertSame('may_continue', $this->play($this->knee())[0], 'extension was not measured');
    }

    private function knee(string $without = '', bool $walk = true): Knee
    {
        $knee = Knee::hurt()->with('route', 'touchline')->with('safety', Knee::CLEAR)->with('history', self::STORY);
        foreach (array_diff(self::NORMAL, [$without]) as $manoeuvre) {
            $knee->found(
                $manoeuvre,
                $manoeuvre === 'lachman'
                    ? ['normal' => true, 'checks' => ['hamstringsRelaxed' => true]]
                    : ['normal' => true],
            );
        }
        if ($walk) {
            $findings = $knee->document()['findings'];
            $knee->with('findings', [...$findings, ['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => 'normal']]);
        }

        return $knee;
    }

    /**
     * @return array{string, list<string>}
     */
    private function play(Knee $knee): array
    {
        $play = $knee->assessed()->plan->play;

        return [$play->answer->value, English::each($play->why)];
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Scales;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;
use GrayCompass\Inference\Wire\WeighedWriter;
use GrayCompass\Inference\Wire\ProblemWriter;
use PHPUnit\Framework\TestCase;

/** The trace from base rates to today's chances, and what can be repeated from it. */
final class TrailTest extends TestCase
{
    private const LOOSE = ['translationMm' => 12, 'endFeel' => 'soft'];

    private const TIGHT = ['translationMm' => 3, 'endFeel' => 'firm'];

    public function test_each_step_weighs_all_results_up_to_there(): void
    {
        $knee = $this->knee();
        $steps = array_values(array_filter(
            $knee->assessed()->trail,
            static fn (Step $step): bool => $step->condition === 0,
        ));
        self::assertSame(
            ['story_pop', 'lachman', 'anterior_drawer'],
            array_map(static fn (Step $step): string => $step->result->finding->id, $steps),
        );
        self::assertEqualsWithDelta(0.2, $steps[0]->before, 1e-9);
        self::assertEqualsWithDelta($this->acl($knee), $steps[2]->after, 1e-9);

        $shorter = Knee::hurt()->with('history', ['pop' => true])->found(
            'posterior_sag',
            ['sagSeen' => false],
        )->found('lachman', self::LOOSE, self::TIGHT);
        self::assertEqualsWithDelta($this->acl($shorter), $steps[1]->after, 1e-9);
    }

    public function test_a_step_states_its_published_and_applied_ratio_and_the_echo_between(): void
    {
        $steps = [];
        foreach ($this->knee()->assessed()->trail as $step) {
            if ($step->condition === 0) {
                $steps[$step->result->finding->id] = $step;
            }
        }
        // Loose clearly: half the false positives.
        self::assertEqualsWithDelta(0.85 / (0.06 * 0.5), $steps['lachman']->publishedLr, 1e-9);
        self::assertEqualsWithDelta($steps['lachman']->publishedLr, $steps['lachman']->appliedLr, 1e-6);
        self::assertEqualsWithDelta(0.0, $steps['lachman']->echoShare, 1e-6);
        // A weaker agreeing test of the same hands loses part of its weight.
        $drawer = $steps['anterior_drawer'];
        self::assertEqualsWithDelta(0.49 / 0.21, $drawer->publishedLr, 1e-9);
        $expected = (0.4 + 0.6 * 0.49) / (0.4 + 0.6 * 0.21);
        self::assertEqualsWithDelta($expected, $drawer->appliedLr, 1e-6);
        self::assertEqualsWithDelta(1 - log($expected) / log(0.49 / 0.21), $drawer->echoShare, 1e-6);
        // A pop speaks of the kneecap too, so no share can be told.
        self::assertNull($steps['story_pop']->echoShare);
    }

    public function test_the_chance_after_the_story_leaves_out_the_hands(): void
    {
        $story = Knee::hurt()->with('history', ['pop' => true]);
        self::assertEqualsWithDelta(
            $this->acl($story),
            $this->knee()->assessed()->bearings->verdicts[0]->afterStory,
            1e-9,
        );
        self::assertEqualsWithDelta($this->acl($story), $story->assessed()->bearings->verdicts[0]->afterStory, 1e-9);
    }

    public function test_a_graded_positive_tells_the_figures_that_a_negative_would_have_had(): void
    {
        $knee = Knee::hurt()->found(
            'lachman', ['translationMm' => 14, 'endFeel' => 'soft'], ['translationMm' => 2, 'endFeel' => 'firm'],
        )
            ->found('valgus_30', ['normal' => true]);
        $results = [];
        foreach (ProblemWriter::write($knee->assessed()->weighed->problem)['groups'] as $group) {
            $results += array_column($group['results'], null, 'finding');
        }
        self::assertArrayNotHasKey('otherwise', $results['valgus_30_laxity']);
        $plain = Knee::hurt()->found('lachman', ['normal' => true])->assessed()->weighed->problem->groups[0]
            ->results[0];
        self::assertEqualsWithDelta(
            $plain->finding->rows[0]->specificity->value,
            $results['lachman']['otherwise']['acl']['specificity'],
            1e-9,
        );
        self::assertNotEqualsWithDelta(
            $results['lachman']['targets']['acl']['specificity'],
            $results['lachman']['otherwise']['acl']['specificity'],
            1e-3,
        );
    }

    public function test_the_weighing_can_be_repeated_from_the_assessment(): void
    {
        $written = AssessmentWriter::write($this->knee()->assessed());
        $again = WeighedWriter::write(Weighing::of(ProblemReader::read(json_decode((string) json_encode(
            $written['weighing'],
        )))));
        foreach ($again['conditions'] as $k => $condition) {
            foreach (['pretest', 'posttest', 'textbook', 'strongest', 'further'] as $key) {
                self::assertEqualsWithDelta($condition[$key], $written['conditions'][$k][$key], 1e-12);
            }
            self::assertEqualsWithDelta($condition['interval'], $written['conditions'][$k]['interval'], 1e-12);
        }
        self::assertEqualsWithDelta($again['patterns'], $written['patterns'], 1e-12);
    }

    public function test_tests_of_one_group_that_disagree_are_remarked_on(): void
    {
        $knee = Knee::hurt()->with(
            'history',
            ['pop' => true, 'couldNotContinue' => true],
        )->found('lachman', self::LOOSE, self::TIGHT)->found('lever_sign', ['heelRises' => true]);
        self::assertContains('tests_disagree', $knee->remarks());
        self::assertNotContains(
            'tests_disagree',
            Knee::hurt()->found(
                'lachman',
                self::LOOSE,
                self::TIGHT,
            )->found('pivot_shift', ['grade' => 'none'])->remarks(),
            'another thing is measured',
        );
        self::assertNotContains(
            'tests_disagree',
            Knee::hurt()->found('valgus_0', ['normal' => true], ['normal' => true])->found(
                'valgus_30',
                ['openingMm' => 9],
                ['openingMm' => 3],
            )->remarks(),
            'straight and bent are two tests',
        );
        self::assertNotContains('tests_disagree', $this->knee()->remarks());
    }

    public function test_mistaken_readings_are_answered_with_this_knees_numbers(): void
    {
        $answers = $this->answers($this->knee()->assessed());
        self::assertStringContainsString('94 % specific', English::of($answers['acl']->mistake));
        self::assertStringContainsString(
            'With 20 in 100 before, a positive Lachman alone makes it 78 in 100; with 2 in 100 before it would be 22',
            English::of($answers['acl']->answer),
        );
        $negative = $this->answers(Knee::hurt()->with('history', ['pop' => true, 'couldNotContinue' => true])
            ->found('lachman', ['normal' => true], ['normal' => true])->assessed());
        self::assertStringContainsString('85 % sensitive', English::of($negative['acl']->mistake));
        self::assertStringContainsString('a negative Lachman alone leaves 4 in 100', English::of($negative['acl']->answer));
        self::assertArrayNotHasKey('pcl', $negative, 'no hands-on result, or far from any threshold');
        self::assertArrayNotHasKey('patellofemoral_pain', $answers);
    }

    private function knee(): Knee
    {
        return Knee::hurt()->with('history', ['pop' => true])->found('posterior_sag', ['sagSeen' => false])
            ->found('lachman', self::LOOSE, self::TIGHT)->found('anterior_drawer', self::LOOSE, self::TIGHT);
    }

    private function acl(Knee $knee): float
    {
        return $knee->assessed()->bearings->verdicts[0]->chance->posttest;
    }

    /**
     * @return array<string, \GrayCompass\Core\Verdict\MistakenReading>
     */
    private function answers(Assessment $assessment): array
    {
        $answers = [];
        foreach ($assessment->answers as $answer) {
            $answers[$answer->condition] = $answer;
        }

        return $answers;
    }
}

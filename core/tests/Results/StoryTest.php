<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Standing;

use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** What the story says, and what it leaves unsaid. */
final class StoryTest extends TestCase
{
    public function test_yes_and_no_count_and_silence_does_not(): void
    {
        $knee = Knee::hurt()->with(
            'history',
            ['pop' => true, 'givingWay' => false, 'locking' => null, 'warmUpEases' => true, 'gradualOnset' => true],
        );
        self::assertSame(
            ['positive', 'negative', ''],
            [$knee->reads('story_pop'), $knee->reads('story_giving_way'), $knee->reads('story_locking')],
        );
        self::assertCount(2, $knee->assessed()->bearings->results->results);
    }

    public function test_when_it_swelled_speaks_of_fast_and_slow_swelling(): void
    {
        $swelled = static fn (string $onset): Knee => Knee::hurt()->with('history', ['swellingOnset' => $onset]);
        self::assertSame(
            ['positive', ''],
            [
                $swelled('within_2_hours')->reads('story_rapid_swelling'),
                $swelled('within_2_hours')->reads('story_slow_swelling'),
            ],
        );
        self::assertSame(
            ['negative', 'positive'],
            [
                $swelled('within_24_hours')->reads('story_rapid_swelling'),
                $swelled('within_24_hours')->reads('story_slow_swelling'),
            ],
        );
        self::assertSame(
            ['negative', 'negative'],
            [$swelled('none')->reads('story_rapid_swelling'), $swelled('none')->reads('story_slow_swelling')],
        );
    }

    public function test_swelling_is_not_read_while_it_is_too_early_to_know(): void
    {
        $after = static fn (float $hours): Knee => Knee::hurt()->with('daysSinceInjury', 0)->with(
            'hoursSinceInjury',
            $hours,
        )->with(
            'history',
            ['swellingOnset' => 'none'],
        );
        self::assertSame(
            ['negative too_early', 'negative too_early'],
            [$after(1.5)->reads('story_rapid_swelling'), $after(1.5)->reads('story_slow_swelling')],
        );
        self::assertSame(
            ['negative', 'negative too_early'],
            [$after(2)->reads('story_rapid_swelling'), $after(23)->reads('story_slow_swelling')],
        );
        self::assertSame('negative', $after(24)->reads('story_slow_swelling'));
    }

    public function test_a_twist_on_the_planted_foot_counts_and_the_rotation_in_it_does_not(): void
    {
        $reads = static fn (string ...$told): array => array_map(
            Knee::hurt()->with('history', ['mechanism' => $told])->reads(...),
            ['story_twist_on_planted_foot', 'story_rotational_trauma'],
        );
        self::assertSame(['positive', ''], $reads('twist_on_planted_foot'));
        self::assertSame(['positive', ''], $reads('twist_on_planted_foot', 'rotational_trauma'));
        self::assertSame(['negative', 'positive'], $reads('rotational_trauma'));
        self::assertSame(['negative', 'negative'], $reads('varus_blow'));
        self::assertSame(['negative', 'negative'], $reads());
        self::assertSame(['', ''], $reads('none_recalled'));
    }

    public function test_each_mechanism_that_is_not_on_a_given_list_is_negative(): void
    {
        $knee = Knee::hurt()->with('history', ['mechanism' => ['hyperextension']]);
        self::assertSame('positive', $knee->reads('story_hyperextension'));
        foreach (['twist_on_planted_foot', 'rotational_trauma', 'valgus_blow', 'varus_blow', 'shin_blow_bent_knee'] as $not) {
            self::assertSame('negative', $knee->reads("story_{$not}"), $not);
        }
        self::assertSame('', Knee::hurt()->reads('story_hyperextension'));
    }

    public function test_a_knee_that_buckled_is_weighed_as_the_blow_from_that_side(): void
    {
        $inward = Knee::hurt()->with('history', ['mechanism' => ['buckled_inward']]);
        self::assertSame(
            ['positive', 'positive', ''],
            array_map(
                $inward->reads(...),
                ['story_valgus_blow', 'story_twist_on_planted_foot', 'story_rotational_trauma'],
            ),
        );
        self::assertSame(
            'positive',
            Knee::hurt()->with('history', ['mechanism' => ['buckled_outward']])->reads('story_varus_blow'),
        );
    }

    public function test_none_recalled_leaves_nothing_negative(): void
    {
        self::assertSame(
            [],
            Knee::hurt()->with('history', ['mechanism' => ['none_recalled']])->assessed()->bearings->results->results,
        );
        self::assertSame(
            'negative',
            Knee::hurt()->with('history', ['mechanism' => []])->reads('story_twist_on_planted_foot'),
        );
    }
}

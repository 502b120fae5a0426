<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Verdict\ConditionVerdict;
use PHPUnit\Framework\TestCase;

/** What a baseline lacks before it is signed, and that it weighs nothing. */
final class BaselineTest extends TestCase
{
    private const FIGURES = [
        'lachman' => 'translationMm', 'posterior_sag' => 'stepOffMm', 'valgus_30' => 'openingMm',
        'varus_30' => 'openingMm',
    ];

    private const REST = ['inspection', 'gait', 'flexion_range', 'effusion_sweep', 'passive_extension'];

    public function test_a_whole_baseline_lacks_nothing(): void
    {
        self::assertSame([], self::missing(self::whole()));
    }

    public function test_each_ligament_needs_a_figure_on_both_knees(): void
    {
        foreach (self::FIGURES as $manoeuvre => $field) {
            self::assertStringContainsString('either knee', self::missing(self::whole(without: $manoeuvre))[0], $manoeuvre);
            $felt = self::whole(without: $manoeuvre)->found($manoeuvre, ['normal' => true], ['normal' => true]);
            self::assertStringContainsString('either knee', self::missing($felt)[0], "{$manoeuvre}: normal is no figure");
            $one = self::whole(without: $manoeuvre)->found($manoeuvre, [$field => 3]);
            self::assertStringContainsString('the right knee', self::missing($one)[0], $manoeuvre);
        }
        self::assertSame(
            'Lachman has no figure in mm for either knee: nothing to compare the ACL with later.',
            self::missing(self::whole(without: 'lachman'))[0],
        );
    }

    public function test_the_other_tests_of_the_route_are_named_together(): void
    {
        self::assertSame(
            ['Not done on both knees: Inspection, Gait, Effusion sweep, Passive extension, Flexion range.'],
            self::missing(self::whole(rest: [])),
        );
    }

    public function test_no_chance_is_told_whatever_is_found(): void
    {
        $loose = self::whole(without: 'lachman')->found(
            'lachman',
            ['translationMm' => 12, 'endFeel' => 'soft'],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        );
        $assessed = $loose->assessed();
        $zones = array_unique(array_map(
            static fn (ConditionVerdict $verdict): string => $verdict->zone->value,
            $assessed->bearings->verdicts,
        ));
        self::assertSame(['withheld'], $zones);
        self::assertStringNotContainsString('in 100', $assessed->words->forAthlete());
        self::assertStringNotContainsString('Probability out of 100', $assessed->words->note());
        self::assertStringNotContainsString('Not tested', $assessed->words->forAthlete().$assessed->words->note());
        self::assertStringNotContainsString('hurt', $assessed->words->note());
        self::assertStringContainsString('Measured (left / right)', $assessed->words->note());
        self::assertNotSame('available', $assessed->plan->availability->status->value, 'a finding is still a finding');
        self::assertSame([], $loose->sentOn(), 'nobody operated on it, and no chance sends it');
        self::assertNotNull($assessed->plan->lookAgain);
        self::assertStringContainsString('an examination of its own', implode(' ', self::missing($loose)));
    }

    /**
     * @return list<string>
     */
    private static function missing(Knee $knee): array
    {
        return English::each($knee->assessed()->plan->unanswered);
    }

    /**
     * @param  list<string>  $rest
     */
    private static function whole(string $without = '', array $rest = self::REST): Knee
    {
        $knee = Knee::hurt()->with('route', 'baseline')->with('daysSinceInjury', null)->with('setting', 'gradual');
        foreach (array_diff_key(self::FIGURES, [$without => '']) as $manoeuvre => $field) {
            $knee = $knee->found($manoeuvre, [$field => 3], [$field => 3]);
        }
        foreach ($rest as $manoeuvre) {
            $knee = $manoeuvre === 'gait'
                ? $knee->found('gait', ['side' => 'both', 'normal' => true])
                : $knee->found($manoeuvre, ['normal' => true], ['normal' => true]);
        }

        return $knee;
    }
}

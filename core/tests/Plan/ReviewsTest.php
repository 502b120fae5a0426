<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When to look again: every reason by the smallest knee that has it. */
final class ReviewsTest extends TestCase
{
    private const TIGHT = ['translationMm' => 3, 'endFeel' => 'firm'];

    private const GUARDED = [...self::TIGHT, 'checks' => ['hamstringsRelaxed' => false]];

    /**
     * @return iterable<string, array{Knee, array{int|null, int|null, string|null}|null}>
     */
    public static function reasons(): iterable
    {
        foreach ([
            0 => [5, 10], 1 => [4, 9], 3 => [2, 7], 8 => [2, 7], 10 => [2, 7], 11 => [5, 10], 20 => [5, 10],
        ] as $days => [
            $from,
            $to,
        ]) {
            yield "unsettled, day {$days}" => [
                Knee::hurt()->with('daysSinceInjury', $days)->found(
                    'posterior_drawer',
                    [...self::TIGHT, 'checks' => ['quadricepsRelaxed' => false]],
                    self::TIGHT,
                )->found('lachman', ['normal' => true])->with('setting', 'older_knee'),
                [$from, $to, null],
            ];
        }
        yield 'unsettled without injury' => [
            Knee::hurt()->with('daysSinceInjury', null)->found('lachman', self::GUARDED, self::TIGHT),
            [2, 7, null],
        ];
        yield 'slight Lachman' => [
            Knee::hurt()->with('daysSinceInjury', 40)->with('setting', 'older_knee')->found(
                'lachman',
                ['translationMm' => 7, 'endFeel' => 'firm'],
                self::TIGHT,
            ),
            [5, 10, null],
        ];
        yield 'slight opening' => [
            Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['normal' => true])->found(
                'valgus_30',
                ['openingMm' => 6, 'endFeel' => 'firm'],
                ['openingMm' => 2, 'endFeel' => 'firm'],
            ),
            [5, 10, null],
        ];
        yield 'ACL still possible' => [Knee::hurt(), [5, 10, null]];
        yield 'too painful' => [
            Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['notDone' => 'pain']),
            [3, 7, null],
        ];
        yield 'much fluid' => [
            Knee::hurt()->with('daysSinceInjury', 40)->with('history', ['pop' => false])->found(
                'lachman',
                ['normal' => true],
            )->found(
                'effusion_sweep',
                ['grade' => 'refills'],
            ),
            [3, 7, null],
        ];
        yield 'a little fluid' => [
            Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['normal' => true])->found(
                'effusion_sweep',
                ['grade' => 'bulge'],
            ),
            [7, 14, null],
        ];
        yield 'sore inner side' => [
            Knee::hurt()->with('daysSinceInjury', 10)->with(
                'history',
                ['couldNotContinue' => false],
            )->found('lachman', ['normal' => true])->found(
                'landmark_palpation',
                ['tender' => ['medial_epicondyle']],
            )->found(
                'valgus_30',
                ['pain' => 4],
            ),
            [7, 14, null],
        ];
        yield 'brace' => [TypicalKnees::looseInnerSide(11)->found('lachman', ['normal' => true]), [7, 10, null]];
        yield 'worn meniscus' => [
            TypicalKnees::tornMeniscus()->with('ageYears', 58)->found('lachman', ['normal' => true]),
            [28, 42, null],
        ];
        yield 'possible meniscus' => [
            Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['normal' => true])->found(
                'joint_line_palpation',
                ['points' => ['medial_back'], 'pinpoint' => true],
            )->found(
                'mcmurray',
                ['cells' => [[
                    'rotation' => 'outward',
                    'stress' => 'varus',
                    'click' => true,
                    'pain' => 5,
                    'painSite' => 'medial',
                ]]],
            ),
            [14, 28, null],
        ];
        yield 'front pain without injury' => [Knee::hurt()->with('daysSinceInjury', null), [28, 42, null]];
        yield 'tendon' => [
            Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['normal' => true])->found(
                'kneecap_tendon',
                ['tender' => true],
            ),
            [28, 42, null],
        ];
        yield 'lag with fluid' => [
            Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['normal' => true])->found(
                'effusion_sweep',
                ['grade' => 'bulge'],
            )->found(
                'straight_leg_raise',
                ['result' => 'lag'],
            ),
            [3, 7, null],
        ];
        yield 'sent on' => [TypicalKnees::tornAcl()->with('daysSinceInjury', 40), [null, 14, 'result']];
        yield 'an emergency' => [Knee::hurt()->with('safety', ['calfTense' => true]), [null, null, 'seen_there']];
        yield 'today' => [Knee::hurt()->with('safety', ['feverOrHotRedKnee' => true]), [null, null, 'seen_there']];
        yield 'X-ray first' => [Knee::hurt()->with('safety', ['cannotFlexTo90' => true]), [null, 7, 'result']];
        yield 'nothing' => [Knee::hurt()->with('daysSinceInjury', 40)->found('lachman', ['normal' => true]), null];
    }

    /**
     * @param  array{int|null, int|null, string|null}|null  $expected
     */
    #[DataProvider('reasons')]
    public function test_each_reason_has_its_days(Knee $knee, ?array $expected): void
    {
        $again = $knee->assessed()->plan->lookAgain;
        self::assertSame(
            $expected,
            $again === null ? null : [$again->from, $again->to, $again->after],
            implode(' ', English::each($again->why ?? [])),
        );
        self::assertNotSame([], $again->why ?? ['-']);
    }

    public function test_why_names_what_matters_most_first(): void
    {
        $knee = Knee::hurt()->with('daysSinceInjury', 1)->with('setting', 'acute_trauma')->found(
            'lachman',
            self::GUARDED,
            self::TIGHT,
        )->found('mcmurray', ['notDone' => 'pain']);
        self::assertStringStartsWith(
            'Inconclusive today: ACL tear',
            English::of($knee->assessed()->plan->lookAgain?->why[0]),
        );
    }

    public function test_going_on_is_always_watched(): void
    {
        self::assertNotTrue(Knee::hurt()->assessed()->plan->lookAgain?->withinHours);
    }
}

<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Plan;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who is sent on, to whom and how soon: each rule by the smallest knee that raises it, and one that just does not. */
final class SendOnTest extends TestCase
{
    private const TIGHT = ['translationMm' => 3, 'endFeel' => 'firm'];

    private const FIRM = ['openingMm' => 2, 'endFeel' => 'firm'];

    /**
     * @return iterable<string, array{Knee, string, bool}> knee, `rule within`, whether it is raised
     */
    public static function rules(): iterable
    {
        $old = static fn (): Knee => Knee::hurt()->with('daysSinceInjury', 40);
        $slow = static fn (): Knee => Knee::hurt()->with('daysSinceInjury', null);
        $lachman = static fn (Knee $knee, float $more, string $end = 'firm'): Knee => $knee->found(
            'lachman',
            ['translationMm' => 3 + $more, 'endFeel' => $end],
            self::TIGHT,
        );
        yield 'an emergency of the gate' => [
            Knee::hurt()->with('safety', ['openWound' => true]),
            'open_joint now',
            true,
        ];
        yield 'a same-day line' => [
            Knee::hurt()->with('safety', ['feverOrHotRedKnee' => true]),
            'joint_infection same_day',
            true,
        ];
        yield 'a line within a week' => [
            Knee::hurt()->with('safety', ['lockedShort' => true]),
            'locked_knee week',
            true,
        ];
        yield 'a routine line' => [
            Knee::hurt()->with('safety', ['recentSurgery' => true]),
            'recent_surgery routine',
            true,
        ];
        yield 'Lachman clear, whatever the chance' => [
            $lachman($old()->with('history', ['pop' => false, 'couldNotContinue' => false]), 6),
            'cruciate_loose two_weeks',
            true,
        ];
        yield 'Lachman slight' => [$lachman($old(), 4), 'cruciate_loose two_weeks', false];
        yield 'without an injury, unlikely' => [
            $lachman($slow()->with('history', ['pop' => false, 'givingWay' => false]), 6),
            'cruciate_loose routine',
            false,
        ];
        yield 'without an injury, gross' => [$lachman($slow(), 11), 'cruciate_loose routine', true];
        yield 'pivot clunk' => [$old()->found('pivot_shift', ['grade' => 'clunk']), 'cruciate_loose two_weeks', true];
        yield 'pivot glide, other none' => [
            $old()->found('pivot_shift', ['grade' => 'glide'], ['grade' => 'none']),
            'cruciate_loose two_weeks',
            true,
        ];
        yield 'pivot glide, other not done' => [
            $old()->found('pivot_shift', ['grade' => 'glide']),
            'cruciate_loose two_weeks',
            false,
        ];
        yield 'sag alone' => [
            Knee::hurt()->found('posterior_sag', ['sagSeen' => true]),
            'cruciate_loose two_weeks',
            true,
        ];
        $unlikely = [
            'mechanism' => ['twist_on_planted_foot'],
            'pop' => false,
            'couldNotContinue' => false,
            'swellingOnset' => 'none',
        ];
        yield 'sag, unlikely by the story' => [
            Knee::hurt()->with('history', $unlikely)->found('posterior_sag', ['sagSeen' => true]),
            'cruciate_loose two_weeks',
            true,
        ];
        yield 'sag refuted' => [
            Knee::hurt()->found('posterior_sag', ['sagSeen' => true])->found(
                'quadriceps_active',
                ['shiftMm' => 0],
            )->found(
                'posterior_drawer',
                [...self::TIGHT, 'checks' => ['startedFromNeutral' => true]],
                self::TIGHT,
            ),
            'cruciate_loose two_weeks',
            false,
        ];
        $drawn = static fn (Knee $knee): Knee => $knee->found(
            'anterior_drawer',
            ['translationMm' => 10, 'endFeel' => 'firm'],
            self::TIGHT,
        );
        yield 'drawer against a sound Lachman, fresh' => [
            $drawn($lachman(Knee::hurt(), 0)),
            'cruciate_loose two_weeks',
            false,
        ];
        yield 'drawer alone, fresh' => [$drawn(Knee::hurt()), 'cruciate_loose two_weeks', true];
        yield 'drawer against a sound Lachman, old' => [$drawn($lachman($old(), 0)), 'cruciate_loose two_weeks', true];
        yield 'provisional, unlikely' => [
            $old()->found('lachman', ['translationMm' => 12, 'endFeel' => 'firm'])->with(
                'history',
                ['pop' => false, 'couldNotContinue' => false, 'givingWay' => false],
            ),
            'cruciate_loose two_weeks',
            false,
        ];
        yield 'ACL by the chance' => [
            Knee::hurt()->with(
                'history',
                [
                    'pop' => true,
                    'couldNotContinue' => true,
                    'givingWay' => true,
                    'swellingOnset' => 'within_2_hours',
                    'mechanism' => ['twist_on_planted_foot'],
                ],
            )->found('lever_sign', ['heelRises' => false]),
            'cruciate_act two_weeks',
            true,
        ];
        yield 'corner' => [TypicalKnees::looseCorner(), 'corner week', true];
        yield 'dial alone' => [
            $old()->found(
                'dial_30',
                ['externalRotationDeg' => 45],
                ['externalRotationDeg' => 30],
            )->with('history', ['mechanism' => ['hyperextension', 'varus_blow']]),
            'corner week',
            true,
        ];
        yield 'thrust and tenderness' => [
            Knee::hurt()->walked('varus_thrust')->found('landmark_palpation', ['tender' => ['outer_cord']]),
            'corner week',
            true,
        ];
        yield 'thrust alone' => [Knee::hurt()->walked('varus_thrust'), 'corner week', false];
        yield 'outer side opens' => [
            Knee::hurt()->found('varus_30', ['openingMm' => 8, 'endFeel' => 'firm'], self::FIRM),
            'outer_side week',
            true,
        ];
        yield 'outer side slight' => [
            Knee::hurt()->found('varus_30', ['openingMm' => 5.5, 'endFeel' => 'firm'], self::FIRM),
            'outer_side week',
            false,
        ];
        yield 'inner side gross' => [TypicalKnees::looseInnerSide(11), 'inner_gross week', true];
        yield 'inner side clear' => [TypicalKnees::looseInnerSide(9), 'inner_gross week', false];
        yield 'two ligaments' => [
            TypicalKnees::tornAcl()->found(
                'valgus_30',
                ['openingMm' => 9, 'endFeel' => 'soft', 'pain' => 4],
                self::FIRM,
            )->found('landmark_palpation', ['tender' => ['medial_epicondyle']]),
            'two_ligaments week',
            true,
        ];
        yield 'one ligament and a firm sprain' => [
            TypicalKnees::tornAcl()->found(
                'valgus_30',
                ['openingMm' => 3, 'endFeel' => 'firm', 'pain' => 4],
                self::FIRM,
            )->found('landmark_palpation', ['tender' => ['medial_epicondyle']]),
            'two_ligaments week',
            false,
        ];
        $out = static fn (array $history): Knee => Knee::hurt()->with('history', $history)->found(
            'effusion_sweep',
            ['grade' => 'bulge'],
        );
        yield 'kneecap came out' => [$out(['kneecapShifted' => true]), 'kneecap_came_out week', true];
        yield 'kneecap put back, X-ray' => [$out(['kneecapReduced' => true]), 'kneecap_came_out days', true];
        yield 'kneecap of a minor, X-ray' => [
            $out(['kneecapShifted' => true])->with('ageYears', 16),
            'kneecap_came_out same_day',
            true,
        ];
        yield 'not the first time' => [
            $out(['kneecapShifted' => true, 'firstDislocation' => false]),
            'kneecap_came_out week',
            false,
        ];
        yield 'no fluid' => [
            Knee::hurt()->with('history', ['kneecapShifted' => true])->found('effusion_sweep', ['grade' => 'none']),
            'kneecap_came_out week',
            false,
        ];
        $blood = static fn (): Knee => Knee::hurt()->with(
            'history',
            ['swellingOnset' => 'within_2_hours'],
        )->found('effusion_sweep', ['grade' => 'refills']);
        yield 'blood, X-ray' => [$blood(), 'blood days', true];
        yield 'blood of the young' => [$blood()->with('ageYears', 15), 'blood same_day', true];
        yield 'blood from 55' => [$blood()->with('ageYears', 55), 'blood same_day', true];
        yield 'blood, clear X-ray' => [$blood()->with('safety', ['xrayClear' => true]), 'blood days', false];
        yield 'blood, scan' => [$blood(), 'blood two_weeks', true];
        yield 'blood that is scanned already' => [
            TypicalKnees::tornAcl()->with(
                'history',
                ['swellingOnset' => 'within_2_hours'],
            )->found('effusion_sweep', ['grade' => 'bulge']),
            'blood two_weeks',
            false,
        ];
        yield 'blood with the Lachman held' => [
            $blood()->with('safety', ['cannotFlexTo90' => true]),
            'blood two_weeks',
            false,
        ];
        yield 'a meniscus that locks' => [
            TypicalKnees::tornMeniscus()->with('history', ['locking' => true]),
            'meniscus_locks two_weeks',
            true,
        ];
        yield 'a meniscus that does not' => [TypicalKnees::tornMeniscus(), 'meniscus_locks two_weeks', false];
        yield 'a torn meniscus of the young' => [
            TypicalKnees::tornMeniscus()->with('ageYears', 39),
            'meniscus_torn two_weeks',
            true,
        ];
        yield 'a torn meniscus at forty' => [
            TypicalKnees::tornMeniscus()->with('ageYears', 40),
            'meniscus_torn two_weeks',
            false,
        ];
        yield 'a torn meniscus without injury' => [
            TypicalKnees::tornMeniscus()->with('settingChosen', 'referred on')->with('daysSinceInjury', null),
            'meniscus_torn two_weeks',
            false,
        ];
        yield 'an open question' => [
            Knee::hurt()->with(
                'history',
                ['pop' => true, 'couldNotContinue' => true, 'givingWay' => true],
            )->found('lever_sign', ['heelRises' => true]),
            'open_question two_weeks',
            true,
        ];
        yield 'open but untested' => [
            Knee::hurt()->with('history', ['pop' => true, 'couldNotContinue' => true]),
            'open_question two_weeks',
            false,
        ];
        yield 'open but unsettled' => [
            Knee::hurt()->with(
                'history',
                ['pop' => true, 'couldNotContinue' => true],
            )->found('lever_sign', ['heelRises' => true])->found('lachman', ['notDone' => 'pain']),
            'open_question two_weeks',
            false,
        ];
        yield 'instability' => [TypicalKnees::slippingKneecap(), 'instability routine', true];
        yield 'cyst' => [Knee::hurt()->found('popliteal_look', ['swelling' => true]), 'cyst routine', true];
        yield 'operated and positive' => [
            $lachman(Knee::hurt()->with('episode', ['operated' => ['what' => 'acl', 'weeksAgo' => 30]]), 4),
            'graft_doubt week',
            true,
        ];
        yield 'operated and loose' => [
            $lachman(Knee::hurt()->with('episode', ['operated' => ['what' => 'acl', 'weeksAgo' => 30]]), 7),
            'cruciate_loose week',
            true,
        ];
    }

    #[DataProvider('rules')]
    public function test_each_rule_sends_on_in_its_time(Knee $knee, string $expected, bool $raised): void
    {
        self::assertSame($raised, in_array($expected, $knee->sentOn(), true), implode(', ', $knee->sentOn()));
        foreach ($knee->assessed()->plan->sendOn as $referral) {
            self::assertNotSame('', English::of($referral->why));
            self::assertMatchesRegularExpression('/[?.]$/', English::of($referral->question));
        }
    }

    public function test_an_operated_knee_goes_to_the_one_who_operated(): void
    {
        $knee = Knee::hurt()->with('episode', ['operated' => ['what' => 'acl', 'weeksAgo' => 30]])->found(
            'lachman',
            ['translationMm' => 12, 'endFeel' => 'absent'],
            self::TIGHT,
        );
        self::assertSame(Destination::OperatingSurgeon, $knee->assessed()->plan->sendOn[0]->to);
    }

    public function test_never_a_scan_for_a_side_or_for_pain_or_below_the_threshold(): void
    {
        $sprain = Knee::hurt()->with('history', ['mechanism' => ['valgus_blow']])->found(
            'valgus_30',
            ['openingMm' => 2, 'endFeel' => 'firm', 'pain' => 5],
            self::FIRM,
        )->found('landmark_palpation', ['tender' => ['medial_epicondyle']])->with(
            'history',
            ['mechanism' => ['valgus_blow', 'rotational_trauma']],
        );
        self::assertSame([], $sprain->sentOn());
        self::assertGreaterThan(0.4, $sprain->chance(Condition::Mcl));
        self::assertSame([], Knee::hurt()->sentOn());
        self::assertSame(
            ['fracture_rule_positive same_day'],
            Knee::hurt()->with('safety', ['cannotFlexTo90' => true])->sentOn(),
            'held tests are no reason for a scan',
        );
    }

    public function test_the_worst_comes_first(): void
    {
        $order = ['now', 'same_day', 'days', 'week', 'two_weeks', 'routine'];
        $knee = TypicalKnees::tornAcl()->with('daysSinceInjury', 20)->with(
            'safety',
            ['nightOrRestPain' => true, 'pittingBoth' => true, 'lockedShort' => true, 'recentSurgery' => true],
        );
        $ranks = array_map(
            static fn (string $one): int => (int) array_search(explode(' ', $one)[1], $order, true),
            $knee->sentOn(),
        );
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertGreaterThan(3, count($ranks));
    }
}

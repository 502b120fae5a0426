<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Safety;

use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Limb, infection, blood, bone and young hips beside the ordinary road: each row with what raises it and what does not. */
final class SafetyRowsTest extends TestCase
{
    private const NO_INJURY = ['daysSinceInjury' => null, 'setting' => 'gradual'];

    private const CALM = ['safety' => ['feverOrHotRedKnee' => false]];

    private const WARM = ['warmth', ['warmer' => true]];

    private const WET = ['effusion_sweep', ['grade' => 'bulge']];

    private const LIMPS = ['gait', ['notDone' => 'pain']];

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}> frame, findings, rule, urgency
     */
    public static function rows(): iterable
    {
        yield from self::limb();
        yield from self::infection();
        yield from self::blood();
        yield from self::extensor();
        yield from self::bone();
        yield from self::young();
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}>
     */
    private static function limb(): iterable
    {
        $foot = static fn (string $is, array $more = []): array => ['distal_pulse', ['foot' => $is, ...$more]];
        foreach (['cold', 'pale'] as $is) {
            yield "{$is} foot, pulse normal" => [
                [], [$foot($is, ['result' => 'normal'])], 'limb_threat', 'emergency',
            ];
            yield "{$is} foot, pulse not judged" => [[], [$foot($is)], 'limb_threat', 'emergency'];
            yield "{$is} foot without injury" => [self::NO_INJURY, [$foot($is)], 'pulse_old', 'same_day'];
            yield "{$is} foot later" => [['daysSinceInjury' => 15], [$foot($is)], 'pulse_old', 'same_day'];
        }
        yield 'both feet cold' => [
            [], [['distal_pulse', ['foot' => 'cold'], ['foot' => 'cold']]], 'limb_threat', null,
        ];
        yield 'sore foot' => [[], [$foot('painful')], 'limb_threat', null];
        yield 'very low index, old' => [
            ['daysSinceInjury' => 100], [['distal_pulse', ['pressureIndex' => 0.45]]], 'pulse_old', 'same_day',
        ];
        yield 'low index, old' => [
            ['daysSinceInjury' => 100], [['distal_pulse', ['pressureIndex' => 0.6]]], 'pulse_old', 'days',
        ];
        $mass = ['popliteal_look', ['mass' => 'pulsing']];
        yield 'pulsing lump' => [self::NO_INJURY, [$mass], 'lump', 'days'];
        yield 'pulsing lump, cold foot' => [self::NO_INJURY, [$mass, $foot('cold')], 'lump', 'same_day'];
        yield 'foot drop since childhood' => [
            [], [['ankle_lift', ['result' => 'abnormal', 'since' => 'old']]], 'nerve_sign', null,
        ];
        yield 'foot drop, new' => [
            [], [['ankle_lift', ['result' => 'abnormal', 'since' => 'new']]], 'nerve_sign', 'emergency',
        ];
        yield 'newest pulse not felt' => [
            [
                'daysSinceInjury' => 60,
                'pulseChecks' => [
                    ['at' => '2026-03-14T09:30:00Z', 'felt' => true],
                    ['at' => '2026-03-14T09:45:00Z', 'felt' => false],
                ],
            ], [], 'limb_threat', 'emergency',
        ];
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}>
     */
    private static function infection(): iterable
    {
        $hot = [self::WARM, self::WET];
        $calm = [...self::NO_INJURY, ...self::CALM];
        foreach ([
            'pain of 5' => ['history' => ['painNow' => 5]],
            'implant' => ['episode' => ['implant' => 'other']],
            'fifteen' => ['ageYears' => 15],
        ] as $name => $frame) {
            yield "hot, {$name}" => [[...$calm, ...$frame], $hot, 'joint_infection', 'same_day'];
        }
        yield 'hot and limping' => [$calm, [...$hot, self::LIMPS], 'joint_infection', 'same_day'];
        yield 'hot and bent under 90' => [
            $calm, [...$hot, ['flexion_range', ['flexionDeg' => 60]]], 'joint_infection', 'same_day',
        ];
        yield 'hot, fever not asked' => [self::NO_INJURY, $hot, 'joint_infection', 'same_day'];
        yield 'hot, calm and painless' => [$calm, $hot, 'joint_infection', null];
        yield 'hot, calm and painless, a doctor' => [$calm, $hot, 'swelling_without_injury', 'days'];
        yield 'hot, asked beside it' => [self::NO_INJURY, $hot, 'hot_knee_unasked', ''];
        foreach (['clear', 'blood'] as $drawn) {
            yield "hot after {$drawn} was drawn" => [
                [...self::CALM, 'episode' => ['fluidDrawn' => $drawn]], $hot, 'joint_infection', 'same_day',
            ];
        }
        yield 'hot, drawn today' => [
            [...self::CALM, 'episode' => ['fluidDrawn' => 'clear', 'fluidDrawnDaysAgo' => 0]],
            $hot, 'joint_infection', null,
        ];
        yield 'hot, none drawn' => [
            [...self::CALM, 'episode' => ['fluidDrawn' => 'none']], $hot, 'joint_infection', null,
        ];
        foreach (['partial', 'total', 'other'] as $implant) {
            yield "hot, {$implant} implant, after an injury" => [
                [...self::CALM, 'episode' => ['implant' => $implant]], $hot, 'joint_infection', 'same_day',
            ];
        }
        $operated = ['episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 6]]];
        yield 'hot after an operation, weeping' => [
            [...self::CALM, ...$operated], [...$hot, ['inspection', ['woundWeeps' => true]]],
            'joint_infection', 'same_day',
        ];
        yield 'hot after an operation, painful' => [
            [...self::CALM, ...$operated, 'history' => ['painNow' => 5]], $hot, 'joint_infection', 'same_day',
        ];
        yield 'hot after an operation, calm' => [[...self::CALM, ...$operated], $hot, 'joint_infection', null];
        yield 'hot after an operation, calm, the surgeon' => [
            [...self::CALM, ...$operated], $hot, 'warm_after_operation', 'days',
        ];
        yield 'hot bursa' => [[], [['inspection', ['bursa' => 'hot']]], 'joint_infection', 'same_day'];
        yield 'swollen bursa' => [[], [['inspection', ['bursa' => 'swollen']]], 'joint_infection', null];
        $child = [...$calm, 'ageYears' => 12];
        foreach ([
            'a trace' => ['effusion_sweep', ['grade' => 'trace']],
            'heat' => self::WARM,
            'a stiff bend' => ['flexion_range', ['flexionDeg' => 80]],
            'pain at the end' => ['passive_extension', ['extensionDeg' => 0, 'pain' => 7]],
        ] as $name => $finding) {
            yield "child who limps with {$name}" => [$child, [self::LIMPS, $finding], 'joint_infection', 'same_day'];
        }
        yield 'child who only limps' => [$child, [self::LIMPS], 'joint_infection', null];
        yield 'child who walks' => [$child, [['effusion_sweep', ['grade' => 'trace']]], 'joint_infection', null];
        yield 'small child with fluid, later' => [
            [...self::CALM, 'ageYears' => 8, 'daysSinceInjury' => 20], [self::LIMPS, self::WET],
            'joint_infection', 'same_day',
        ];
        yield 'small child with fluid, fresh' => [
            [...self::CALM, 'ageYears' => 8, 'daysSinceInjury' => 10], [self::LIMPS, self::WET],
            'joint_infection', null,
        ];
        yield 'fluid without an injury' => [$calm, [self::WET], 'swelling_without_injury', 'routine'];
        yield 'fluid and limp without an injury' => [
            $calm, [self::WET, ['gait', ['pattern' => 'antalgic']]], 'swelling_without_injury', 'days',
        ];
        yield 'fluid in the other knee' => [
            $calm, [['effusion_sweep', ['grade' => 'none'], ['grade' => 'bulge']]], 'swelling_without_injury', 'routine',
        ];
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}>
     */
    private static function blood(): iterable
    {
        $bleeds = ['episode' => ['bleedingRisk' => true]];
        $told = [...$bleeds, 'history' => ['swellingOnset' => 'within_2_hours']];
        yield 'much fluid, no injury' => [
            [...self::NO_INJURY, ...$bleeds], [['effusion_sweep', ['grade' => 'refills']]], 'bleeding_risk', 'same_day',
        ];
        yield 'a bulge, no injury' => [[...self::NO_INJURY, ...$bleeds], [self::WET], 'bleeding_risk', 'days'];
        yield 'rapid swelling told, no sweep' => [$told, [], 'bleeding_risk', 'same_day'];
        yield 'rapid swelling told, empty sweep on day 2' => [
            [...$told, 'daysSinceInjury' => 2], [['effusion_sweep', ['grade' => 'none']]], 'bleeding_risk', 'same_day',
        ];
        yield 'rapid swelling told, empty sweep on day 3' => [
            [...$told, 'daysSinceInjury' => 3], [['effusion_sweep', ['grade' => 'none']]], 'bleeding_risk', null,
        ];
        yield 'a bulge on day 15' => [[...$bleeds, 'daysSinceInjury' => 15], [self::WET], 'bleeding_risk', 'days'];
        yield 'no bleeding risk' => [[], [['effusion_sweep', ['grade' => 'refills']]], 'bleeding_risk', null];
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}>
     */
    private static function extensor(): iterable
    {
        $lag = static fn (float $deg): array => ['straight_leg_raise', ['result' => 'lag', 'lagDeg' => $deg]];
        yield 'lag of 40, dry' => [['daysSinceInjury' => 3], [$lag(40)], 'extensor_rupture', 'same_day'];
        yield 'lag of 40, much fluid' => [
            ['history' => ['swellingOnset' => 'within_24_hours']],
            [$lag(40), ['effusion_sweep', ['grade' => 'refills']]], 'extensor_lag', 'days',
        ];
        yield 'lag of 15, much fluid' => [
            [], [$lag(15), ['effusion_sweep', ['grade' => 'refills']]], 'extensor_lag', null,
        ];
        yield 'lag of 15, dry' => [[], [$lag(15)], 'extensor_lag', 'days'];
        yield 'lag of 9' => [[], [$lag(9)], 'extensor_lag', null];
        yield 'lag without an injury' => [self::NO_INJURY, [$lag(25)], 'extensor_rupture', 'same_day'];
        yield 'quiet lag without an injury' => [
            self::NO_INJURY, [$lag(12), ['gait', ['pattern' => 'normal']]], 'extensor_lag', null,
        ];
        yield 'lag within a year of an operation' => [
            ['episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 20]]], [$lag(30)], 'extensor_rupture', null,
        ];
        $short = static fn (float $deg, string $end): array => [
            'passive_extension', ['extensionDeg' => $deg, 'endFeel' => $end],
        ];
        $locks = ['history' => ['locking' => true]];
        yield 'locking told, 25 short, soft' => [$locks, [$short(-25, 'soft')], 'locked_knee', 'week'];
        yield 'locking told, 10 short, firm' => [$locks, [$short(-10, 'firm')], 'locked_knee', 'week'];
        yield 'locking told, 25 short, hard' => [$locks, [$short(-25, 'hard')], 'locked_knee', null];
        yield 'not told, 20 short, firm' => [[], [$short(-20, 'firm')], 'locked_knee', 'week'];
        yield 'not told, 19 short, firm' => [[], [$short(-19, 'firm')], 'locked_knee', null];
        yield '25 short, operated 5 weeks ago' => [
            [...$locks, 'episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 5]]],
            [$short(-25, 'soft')], 'locked_knee', null,
        ];
        yield '25 short, firm, no injury' => [
            [...self::NO_INJURY, ...$locks], [$short(-25, 'firm')], 'locked_knee', null,
        ];
        yield '25 short, day 50' => [
            [...$locks, 'daysSinceInjury' => 50], [$short(-25, 'soft')], 'locked_knee', 'two_weeks',
        ];
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}>
     */
    private static function bone(): iterable
    {
        $tense = ['effusion_sweep', ['grade' => 'cannot_empty']];
        yield 'tense and limping' => [[], [$tense, self::LIMPS], 'fracture_suspected', 'same_day'];
        yield 'tense alone' => [['history' => ['painNow' => 4]], [$tense], 'fracture_suspected', null];
        yield 'tense, came slowly' => [
            ['history' => ['swellingOnset' => 'within_24_hours']], [$tense, self::LIMPS], 'fracture_suspected', null,
        ];
        yield 'tense, clear X-ray' => [
            ['safety' => ['xrayClear' => true]], [$tense, self::LIMPS], 'fracture_suspected', 'days',
        ];
        yield 'age beside it' => [['ageYears' => 60], [$tense, self::LIMPS], 'age_xray', null];
        yield 'clear X-ray, blood at 60' => [
            ['ageYears' => 60, 'safety' => ['xrayClear' => true], 'history' => ['swellingOnset' => 'within_2_hours']],
            [self::WET], 'hidden_fracture', 'days',
        ];
        yield 'clear X-ray, blood at 30' => [
            ['safety' => ['xrayClear' => true], 'history' => ['swellingOnset' => 'within_2_hours']],
            [self::WET], 'hidden_fracture', null,
        ];
        yield 'stiff after an operation' => [
            ['episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 5]]],
            [['flexion_range', ['flexionDeg' => 60]]], 'fracture_rule_positive', null,
        ];
        yield 'limping at 62, day 21' => [
            ['ageYears' => 62, 'daysSinceInjury' => 21], [['gait', ['pattern' => 'antalgic']]], 'age_xray', 'days',
        ];
        yield 'walking at 62, day 8' => [
            ['ageYears' => 62, 'daysSinceInjury' => 8], [['gait', ['pattern' => 'normal']]], 'age_xray', null,
        ];
    }

    /**
     * @return iterable<string, array{array<string, mixed>, list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>, string, string|null}>
     */
    private static function young(): iterable
    {
        $both = ['hip_screen', ['inwardRotationLimited' => true], ['inwardRotationLimited' => true]];
        yield 'both hips after a fall' => [['ageYears' => 13], [$both, self::LIMPS], 'hip_first', 'same_day'];
        yield 'both hips, walking' => [['ageYears' => 13], [$both], 'hip_first', null];
        $night = ['safety' => ['nightOrRestPain' => true], 'daysSinceInjury' => 10];
        yield 'night pain at 15, all else sound' => [[...$night, 'ageYears' => 15], [], 'rest_pain', 'days'];
        yield 'night pain at 15, shin point, fluid' => [
            [...$night, 'ageYears' => 15], [['shin_palpation', ['tender' => 'point']], self::WET], 'rest_pain', 'days',
        ];
        yield 'night pain at 15, lump' => [
            [...$night, 'ageYears' => 15], [['shin_palpation', ['lump' => true]]], 'rest_pain', 'same_day',
        ];
        yield 'night pain at 15, explained by fluid' => [
            [...$night, 'ageYears' => 15], [self::WET], 'rest_pain', null,
        ];
        yield 'night pain, grown' => [$night, [], 'rest_pain', null];
    }

    /**
     * @param  array<string, mixed>  $frame
     * @param  list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>  $findings
     */
    #[DataProvider('rows')]
    public function test_each_row_raises_its_line(array $frame, array $findings, string $rule, ?string $urgency): void
    {
        self::assertSame($urgency, self::knee($frame, $findings)->lines()[$rule] ?? null);
    }

    public function test_a_foot_alone_never_opens_the_gate(): void
    {
        $knee = static fn (array $pulse): Knee => Knee::hurt()->with(
            'safety',
            array_diff_key(Knee::CLEAR, ['pulseOrSensationLost' => 0]),
        )->found('distal_pulse', $pulse);
        self::assertFalse($knee(['foot' => 'normal'])->assessed()->bearings->gate->open);
        self::assertTrue($knee(['foot' => 'normal', 'result' => 'normal'])->assessed()->bearings->gate->open);
        self::assertFalse($knee(['foot' => 'pale'])->assessed()->bearings->gate->unasked !== []);
    }

    public function test_an_infection_comes_first_and_keeps_its_own_doctor(): void
    {
        $knee = Knee::hurt()->with('ageYears', 60)->with('safety', ['feverOrHotRedKnee' => true, 'cannotFlexTo90' => true]);
        self::assertSame('joint_infection', array_key_first($knee->lines()));
        self::assertSame('joint_infection same_day', $knee->sentOn()[0]);
        self::assertStringContainsString('A hospital doctor, today', $knee->assessed()->words->forAthlete());
        self::assertSame('seen_there', $knee->assessed()->plan->lookAgain?->after);
    }

    public function test_an_injury_without_its_day_is_judged_as_on_day_seven(): void
    {
        $knee = static fn (array $history): Knee => Knee::hurt()->with('daysSinceInjury', null)
            ->with('setting', 'gradual')->with('safety', Knee::CLEAR)->with('history', $history)
            ->found('effusion_sweep', ['grade' => 'refills']);
        foreach ([
            ['pop' => true], ['couldNotContinue' => true], ['swellingOnset' => 'within_2_hours'],
            ['mechanism' => ['varus_blow']],
        ] as $history) {
            $told = $knee($history);
            self::assertContains('day_missing', $told->remarks());
            self::assertFalse($told->assessed()->bearings->gate->open);
            self::assertArrayNotHasKey('swelling_without_injury', $told->lines());
            self::assertSame('gradual', $told->assessed()->bearings->examination->setting->value);
            self::assertSame('chronic', $told->assessed()->bearings->examination->phase()->value);
            self::assertSame('answer_gate', $told->assessed()->nextTests[0]->sign);
        }
        foreach ([['mechanism' => []], ['mechanism' => ['none_recalled']], ['pop' => false]] as $history) {
            self::assertNotContains('day_missing', $knee($history)->remarks());
            self::assertArrayHasKey('swelling_without_injury', $knee($history)->lines());
        }
        $night = $knee(['pop' => true])->with('safety', ['nightOrRestPain' => true]);
        self::assertSame('days', $night->lines()['rest_pain']);
    }

    public function test_pressure_in_the_calf_is_named_and_the_leg_is_not_raised(): void
    {
        $knee = Knee::hurt()->with('daysSinceInjury', 1)->with('history', ['painNow' => 9])->found(
            'sensation',
            ['result' => 'abnormal', 'where' => 'web', 'since' => 'new'],
        );
        $text = $knee->assessed()->words->forAthlete();
        self::assertStringContainsString('compartment pressure', $knee->assessed()->bearings->gate->lines[0]->sheet->say);
        self::assertStringContainsString('Put nothing tight around the leg, and do not raise it', $text);
        self::assertStringNotContainsString('raise the leg', $text);
        self::assertSame('as_found', $knee->assessed()->plan->support->type->value);
    }

    public function test_neighbours_are_named_and_sent(): void
    {
        $back = Knee::hurt()->with('findings', [['manoeuvre' => 'back_screen', 'side' => 'both', 'result' => 'abnormal']]);
        self::assertContains('neighbour_joint routine', $back->sentOn());
        self::assertStringContainsString('Your back does not move', $back->assessed()->words->forAthlete());
        self::assertContains(
            'neighbour_joint days',
            $back->with('history', ['numbnessOrBackPain' => true])->sentOn(),
        );
        $hip = static fn (?int $days): Knee => Knee::hurt()->with('daysSinceInjury', $days)
            ->found('hip_screen', ['result' => 'abnormal']);
        self::assertNotContains('neighbour_joint routine', $hip(4)->sentOn());
        self::assertContains('neighbour_joint routine', $hip(null)->sentOn());
        self::assertStringContainsString('Your hip does not move', $hip(4)->assessed()->words->forAthlete());
    }

    /**
     * @param  array<string, mixed>  $frame
     * @param  list<array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}>  $findings
     */
    private static function knee(array $frame, array $findings): Knee
    {
        $knee = Knee::hurt();
        foreach ($frame as $key => $value) {
            $knee->with($key, $value);
        }
        foreach ($findings as [$manoeuvre, $left]) {
            if ($manoeuvre === 'gait') {
                $knee->both($manoeuvre, $left);
            }
        }
        foreach ($findings as $finding) {
            if ($finding[0] !== 'gait') {
                $knee->found(...$finding);
            }
        }

        return $knee;
    }
}

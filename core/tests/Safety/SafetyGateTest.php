<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Safety;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule of the gate: when it applies, by tick and by hand, and how urgent it is. */
final class SafetyGateTest extends TestCase
{
    private const NO_INJURY = ['daysSinceInjury' => null, 'setting' => 'gradual'];

    /**
     * @return iterable<string, array{array<string, bool>, array<string, mixed>, string, string|null}> answers, frame, rule, urgency
     */
    public static function ticks(): iterable
    {
        foreach (['pulseOrSensationLost', 'dislocationSuspected', 'reducedOnItsOwn', 'calfTense'] as $key) {
            yield "limb {$key}" => [[$key => true], [], 'limb_threat', 'emergency'];
        }
        yield 'nerve fresh' => [['footDropped' => true], ['daysSinceInjury' => 7], 'nerve_sign', 'emergency'];
        yield 'nerve later' => [['footDropped' => true], ['daysSinceInjury' => 8], 'nerve_sign', 'same_day'];
        yield 'open joint' => [['openWound' => true], [], 'open_joint', 'emergency'];
        yield 'chest alone' => [['breathlessOrChestPain' => true], [], 'chest_signs', 'emergency'];
        yield 'kneecap out' => [['kneecapOutNow' => true], [], 'kneecap_out', 'emergency'];
        yield 'deformity' => [['deformity' => true], [], 'fracture_likely', 'emergency'];
        yield 'crepitus' => [['boneCrepitus' => true], [], 'fracture_likely', 'same_day'];
        yield 'fat' => [[], ['episode' => ['fluidDrawn' => 'blood_and_fat']], 'fracture_likely', 'same_day'];
        foreach (['cannotTakeFourSteps', 'cannotFlexTo90', 'tenderPatellaAlone', 'tenderFibularHead'] as $key) {
            yield "fracture rule {$key}" => [
                [$key => true],
                ['daysSinceInjury' => 7],
                'fracture_rule_positive',
                'same_day',
            ];
            yield "fracture rule {$key} later" => [
                [$key => true],
                ['daysSinceInjury' => 14],
                'fracture_rule_positive',
                'days',
            ];
            yield "fracture rule {$key} in the third week" => [
                [$key => true],
                ['daysSinceInjury' => 21],
                'fracture_rule_positive',
                'days',
            ];
            yield "fracture rule {$key} faded" => [
                [$key => true],
                ['daysSinceInjury' => 22],
                'fracture_rule_positive',
                null,
            ];
            yield "fracture rule {$key} after a clear X-ray" => [
                [$key => true, 'xrayClear' => true],
                [],
                'fracture_rule_positive',
                null,
            ];
        }
        yield 'age' => [[], ['ageYears' => 55, 'daysSinceInjury' => 7], 'age_xray', 'days'];
        yield 'age, just younger' => [[], ['ageYears' => 54], 'age_xray', null];
        yield 'age, faded' => [[], ['ageYears' => 55, 'daysSinceInjury' => 8], 'age_xray', null];
        yield 'age, clear X-ray' => [['xrayClear' => true], ['ageYears' => 55], 'age_xray', null];
        yield 'age, fracture rule' => [['cannotFlexTo90' => true], ['ageYears' => 55], 'age_xray', null];
        yield 'infection' => [['feverOrHotRedKnee' => true], [], 'joint_infection', 'same_day'];
        yield 'infection, cloudy' => [[], ['episode' => ['fluidDrawn' => 'cloudy']], 'joint_infection', 'same_day'];
        yield 'extensor' => [
            ['cannotStraightLegRaise' => true],
            ['daysSinceInjury' => 42],
            'extensor_rupture',
            'same_day',
        ];
        yield 'extensor late' => [
            ['cannotStraightLegRaise' => true],
            ['daysSinceInjury' => 43],
            'extensor_late',
            'days',
        ];
        yield 'extensor faded' => [
            ['cannotStraightLegRaise' => true],
            ['daysSinceInjury' => 91],
            'extensor_late',
            null,
        ];
        yield 'four steps with a clear X-ray' => [
            ['cannotTakeFourSteps' => true, 'xrayClear' => true],
            ['daysSinceInjury' => 21],
            'hidden_fracture',
            'days',
        ];
        yield 'extensor without injury' => [
            ['cannotStraightLegRaise' => true],
            self::NO_INJURY,
            'extensor_rupture',
            'same_day',
        ];
        yield 'clot by calf' => [['calfSwollenTender' => true], [], 'clot_suspected', 'same_day'];
        yield 'clot by pitting' => [['pittingOneSide' => true], [], 'clot_suspected', 'same_day'];
        yield 'hip' => [['limpHipLimited' => true], ['ageYears' => 17], 'hip_first', 'same_day'];
        yield 'hip, age not given' => [['limpHipLimited' => true], ['ageYears' => null], 'hip_first', 'same_day'];
        yield 'hip of a grown-up' => [['limpHipLimited' => true], ['ageYears' => 18], 'hip_check', 'days'];
        yield 'rest pain' => [['nightOrRestPain' => true], self::NO_INJURY, 'rest_pain', 'days'];
        yield 'rest pain, old injury' => [['nightOrRestPain' => true], ['daysSinceInjury' => 15], 'rest_pain', 'days'];
        yield 'rest pain, fresh injury' => [['nightOrRestPain' => true], ['daysSinceInjury' => 14], 'rest_pain', null];
        yield 'rest pain of a minor' => [
            ['nightOrRestPain' => true],
            [...self::NO_INJURY, 'ageYears' => 17],
            'rest_pain',
            'same_day',
        ];
        yield 'severe pain' => [['painAtRest7' => true], [], 'severe_pain', 'same_day'];
        yield 'locked' => [['lockedShort' => true], [], 'locked_knee', 'week'];
        yield 'surgery' => [['recentSurgery' => true], [], 'recent_surgery', 'routine'];
        yield 'operated 12 weeks ago' => [
            [],
            ['episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 12]]],
            'recent_surgery',
            'routine',
        ];
        yield 'operated 13 weeks ago' => [
            [],
            ['episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 13]]],
            'recent_surgery',
            null,
        ];
        yield 'general swelling' => [['pittingBoth' => true], [], 'general_swelling', 'days'];
        yield 'bone stress' => [['shinPainGrows' => true], [], 'bone_stress', 'days'];
    }

    /**
     * @param  array<string, bool>  $answers
     * @param  array<string, mixed>  $frame
     */
    #[DataProvider('ticks')]
    public function test_a_tick_raises_its_rule(array $answers, array $frame, string $rule, ?string $urgency): void
    {
        self::assertSame($urgency, $this->knee($frame)->with('safety', $answers)->lines()[$rule] ?? null);
    }

    /**
     * @return iterable<string, array{list<array{string, array<string, mixed>, 2?: array<string, mixed>}>, array<string, mixed>, string, string|null}> findings, frame, rule, urgency
     */
    public static function hands(): iterable
    {
        $tender = static fn (string ...$places): array => ['landmark_palpation', ['tender' => $places]];
        yield 'deformity' => [
            [['inspection', ['deformity' => true]]],
            ['daysSinceInjury' => 14],
            'fracture_likely',
            'emergency',
        ];
        yield 'deformity, later' => [
            [['inspection', ['deformity' => true]]],
            ['daysSinceInjury' => 15],
            'fracture_likely',
            'same_day',
        ];
        yield 'deformity, old' => [
            [['inspection', ['deformity' => true, 'deformityOld' => true]]],
            [],
            'fracture_likely',
            null,
        ];
        yield 'raise unable' => [[['straight_leg_raise', ['result' => 'unable']]], [], 'extensor_rupture', 'same_day'];
        foreach (['quadriceps_tendon', 'kneecap_front', 'lower_pole', 'patellar_tendon', 'tibial_tubercle'] as $place) {
            yield "lag and {$place}" => [
                [['straight_leg_raise', ['result' => 'lag']], $tender($place)],
                [],
                'extensor_rupture',
                'same_day',
            ];
        }
        yield 'active lag of 10' => [
            [['active_range', ['lagDeg' => 10]], $tender('lower_pole')],
            [],
            'extensor_rupture',
            'same_day',
        ];
        yield 'active lag of 9' => [
            [['active_range', ['lagDeg' => 9]], $tender('lower_pole')],
            [],
            'extensor_rupture',
            null,
        ];
        yield 'lag alone' => [
            [['straight_leg_raise', ['result' => 'lag', 'lagDeg' => 20]]],
            [],
            'extensor_rupture',
            'same_day',
        ];
        yield 'small lag alone' => [
            [['straight_leg_raise', ['result' => 'lag', 'lagDeg' => 19]]],
            [],
            'extensor_lag',
            'days',
        ];
        yield 'lag, later' => [
            [['straight_leg_raise', ['result' => 'lag']], $tender('lower_pole')],
            ['daysSinceInjury' => 43],
            'extensor_lag',
            'days',
        ];
        $short = static fn (int $deg, string $end = 'springy'): array => [
            'passive_extension',
            ['extensionDeg' => $deg, 'endFeel' => $end],
            ['extensionDeg' => 3, 'endFeel' => 'firm'],
        ];
        yield 'springy 10 short' => [[$short(-7)], [], 'locked_knee', 'week'];
        yield 'springy 9 short' => [[$short(-6)], [], 'locked_knee', null];
        yield 'firm 10 short' => [[$short(-7, 'firm')], [], 'locked_knee', null];
        yield 'springy, no other knee' => [
            [['passive_extension', ['extensionDeg' => -10, 'endFeel' => 'springy']]],
            [],
            'locked_knee',
            'week',
        ];
        yield 'bend by hand' => [[['flexion_range', ['flexionDeg' => 89]]], [], 'fracture_rule_positive', 'same_day'];
        yield 'bend by hand enough' => [[['flexion_range', ['flexionDeg' => 90]]], [], 'fracture_rule_positive', null];
        yield 'active bend' => [[['active_range', ['flexionDeg' => 60]]], [], 'fracture_rule_positive', 'same_day'];
        yield 'bend not done for pain' => [
            [['flexion_range', ['notDone' => 'pain']]],
            [],
            'fracture_rule_positive',
            'same_day',
        ];
        yield 'bend not done for time' => [
            [['flexion_range', ['notDone' => 'time']]],
            [],
            'fracture_rule_positive',
            null,
        ];
        yield 'fibular head' => [[$tender('fibular_head')], [], 'fracture_rule_positive', 'same_day'];
        yield 'patella alone' => [[$tender('kneecap_front')], [], 'fracture_rule_positive', 'same_day'];
        yield 'patella and epicondyle' => [
            [$tender('kneecap_front', 'medial_epicondyle')],
            [],
            'fracture_rule_positive',
            null,
        ];
        yield 'patella and pes' => [
            [$tender('kneecap_front', 'pes_insertion')],
            [],
            'fracture_rule_positive',
            'same_day',
        ];
        yield 'ankle lift' => [
            [['ankle_lift', ['result' => 'abnormal']]],
            ['daysSinceInjury' => 90],
            'nerve_sign',
            'same_day',
        ];
        yield 'turns out weak' => [
            [['ankle_lift', ['result' => 'normal', 'turnsOut' => 'weak']]],
            [],
            'nerve_sign',
            'emergency',
        ];
        foreach (['web' => 'nerve_sign', 'outer_shin' => 'nerve_sign', 'foot' => 'limb_threat', 'stocking' => 'limb_threat', 'inner_leg' => 'nerve_or_back', 'knee_patch' => 'nerve_or_back'] as $where => $rule) {
            yield "sensation {$where}" => [
                [['sensation', ['result' => 'abnormal', 'where' => $where]]],
                [],
                $rule,
                $rule === 'nerve_or_back' ? 'days' : 'emergency',
            ];
            yield "old sensation {$where}" => [
                [['sensation', ['result' => 'abnormal', 'where' => $where, 'since' => 'old']]],
                [],
                $rule,
                null,
            ];
        }
        yield 'sensation somewhere' => [[['sensation', ['result' => 'abnormal']]], [], 'limb_threat', 'emergency'];
        yield 'sensation without injury' => [
            [['sensation', ['result' => 'abnormal']]],
            self::NO_INJURY,
            'nerve_or_back',
            'days',
        ];
        yield 'pulse' => [
            [['distal_pulse', ['result' => 'abnormal']]],
            ['daysSinceInjury' => 14],
            'limb_threat',
            'emergency',
        ];
        yield 'index' => [
            [['distal_pulse', ['result' => 'normal', 'pressureIndex' => 0.89]]],
            [],
            'limb_threat',
            'emergency',
        ];
        yield 'index enough' => [
            [['distal_pulse', ['result' => 'normal', 'pressureIndex' => 0.9]]],
            [],
            'limb_threat',
            null,
        ];
        yield 'pulse, old' => [
            [['distal_pulse', ['result' => 'abnormal']]],
            ['daysSinceInjury' => 42],
            'pulse_old',
            'same_day',
        ];
        yield 'pulse, very old' => [
            [['distal_pulse', ['result' => 'abnormal']]],
            ['daysSinceInjury' => 43],
            'pulse_old',
            'days',
        ];
        yield 'pulse, old and cold' => [
            [['distal_pulse', ['result' => 'abnormal', 'foot' => 'cold']]],
            self::NO_INJURY,
            'pulse_old',
            'same_day',
        ];
        $hip = ['inwardRotationLimited' => true];
        yield 'hip of a child' => [[['hip_screen', $hip]], ['ageYears' => 12], 'hip_first', 'same_day'];
        yield 'hip of a child, both sides' => [[['hip_screen', $hip, $hip]], ['ageYears' => 12], 'hip_first', null];
        yield 'hip of an adult' => [[['hip_screen', $hip]], [], 'hip_first', null];
        yield 'shin tap' => [[['tibial_percussion', ['lingeringPain' => true]]], [], 'bone_stress', 'days'];
        yield 'shin fork' => [[['tibial_vibration', ['lingeringPain' => true]]], [], 'bone_stress', 'days'];
        yield 'shin point' => [[['shin_palpation', ['tender' => 'point']]], self::NO_INJURY, 'bone_stress', 'days'];
        yield 'shin point after an injury' => [[['shin_palpation', ['tender' => 'point']]], [], 'bone_stress', null];
        yield 'lump' => [[['shin_palpation', ['lump' => true]]], [], 'lump', 'days'];
        yield 'hard mass' => [[['popliteal_look', ['mass' => 'hard']]], [], 'lump', 'days'];
        yield 'soft mass' => [[['popliteal_look', ['mass' => 'soft']]], [], 'lump', null];
        $wet = ['effusion_sweep', ['grade' => 'refills']];
        yield 'hot unasked' => [
            [['warmth', ['warmer' => true]], ['effusion_sweep', ['grade' => 'bulge']]],
            [],
            'hot_knee_unasked',
            '',
        ];
        yield 'swelling without injury' => [[$wet], self::NO_INJURY, 'swelling_without_injury', 'days'];
        yield 'little swelling without injury' => [
            [['effusion_sweep', ['grade' => 'bulge']]],
            self::NO_INJURY,
            'swelling_without_injury',
            'routine',
        ];
        yield 'little and warm' => [
            [['effusion_sweep', ['grade' => 'bulge']], ['warmth', ['warmer' => true]]],
            self::NO_INJURY,
            'swelling_without_injury',
            'days',
        ];
        yield 'swelling of a child' => [
            [$wet],
            [...self::NO_INJURY, 'ageYears' => 15],
            'swelling_without_injury',
            'same_day',
        ];
        yield 'hot child' => [
            [$wet, ['warmth', ['warmer' => true]]],
            [...self::NO_INJURY, 'ageYears' => 15],
            'joint_infection',
            'same_day',
        ];
        yield 'hot and painful' => [
            [$wet, ['warmth', ['warmer' => true]]],
            [...self::NO_INJURY, 'history' => ['painNow' => 7]],
            'joint_infection',
            'same_day',
        ];
        yield 'hot after a needle' => [
            [$wet, ['warmth', ['warmer' => true]]],
            ['episode' => ['injectionWeeksAgo' => 12]],
            'joint_infection',
            'same_day',
        ];
        yield 'hot long after a needle' => [
            [$wet, ['warmth', ['warmer' => true]]],
            ['episode' => ['injectionWeeksAgo' => 13]],
            'joint_infection',
            null,
        ];
        yield 'bleeds easily' => [
            [['effusion_sweep', ['grade' => 'bulge']]],
            ['episode' => ['bleedingRisk' => true]],
            'bleeding_risk',
            'same_day',
        ];
        yield 'bleeds easily, old' => [
            [['effusion_sweep', ['grade' => 'bulge']]],
            ['episode' => ['bleedingRisk' => true], 'daysSinceInjury' => 15],
            'bleeding_risk',
            'days',
        ];
        yield 'tense, bloody and painful' => [
            [['effusion_sweep', ['grade' => 'cannot_empty']]],
            ['history' => ['painNow' => 7], 'safety' => ['painAtRest7' => false]],
            'fracture_suspected',
            'same_day',
        ];
        yield 'warm after an operation' => [
            [$wet, ['warmth', ['warmer' => true]]],
            ['episode' => ['operated' => ['what' => 'acl', 'weeksAgo' => 5]]],
            'warm_after_operation',
            'days',
        ];
        yield 'blood in a growing knee' => [[$wet], ['ageYears' => 15], 'growing_bone', 'same_day'];
        yield 'blood at sixteen' => [[$wet], ['ageYears' => 16], 'growing_bone', 'days'];
        yield 'blood when grown' => [[$wet], ['ageYears' => 18], 'growing_bone', null];
        yield 'pain of seven told' => [[], ['history' => ['painNow' => 7]], 'severe_pain', 'same_day'];
        yield 'pain of seven on the touchline' => [
            [],
            ['history' => ['painNow' => 7], 'setting' => 'touchline'],
            'severe_pain',
            null,
        ];
        yield 'pain of seven, not at rest' => [
            [],
            ['history' => ['painNow' => 7], 'safety' => ['painAtRest7' => false]],
            'severe_pain',
            null,
        ];
    }

    /**
     * @param  list<array{string, array<string, mixed>, 2?: array<string, mixed>}>  $findings
     * @param  array<string, mixed>  $frame
     */
    #[DataProvider('hands')]
    public function test_a_finding_raises_the_same_rule(
        array $findings,
        array $frame,
        string $rule,
        ?string $urgency,
    ): void
    {
        $knee = $this->knee($frame);
        foreach ($findings as $finding) {
            $knee->found(...$finding);
        }
        self::assertSame($urgency, $knee->lines()[$rule] ?? null);
    }

    public function test_gait_speaks_for_steps_and_for_the_hip(): void
    {
        self::assertSame(
            'days',
            $this->knee([
                ...self::NO_INJURY,
                'ageYears' => 40,
            ])->found('hip_screen', ['result' => 'abnormal'])->walked('antalgic')->lines()['hip_check'] ?? null,
        );
        self::assertArrayNotHasKey(
            'hip_check',
            $this->knee([
                ...self::NO_INJURY,
                'ageYears' => 40,
            ])->found('hip_screen', ['result' => 'abnormal'])->walked('normal')->lines(),
        );
        $both = ['inwardRotationLimited' => true];
        self::assertArrayHasKey(
            'hip_first',
            $this->knee([
                ...self::NO_INJURY,
                'ageYears' => 12,
            ])->found('hip_screen', $both, $both)->walked('antalgic')->lines(),
        );
    }

    public function test_from_55_a_wholly_sound_knee_needs_no_x_ray(): void
    {
        $sound = $this->knee(['ageYears' => 60])->walked('normal')->found(
            'flexion_range',
            ['flexionDeg' => 120],
        )->found('landmark_palpation', ['tender' => []])->found('effusion_sweep', ['grade' => 'none']);
        self::assertArrayNotHasKey('age_xray', $sound->lines());
        self::assertArrayHasKey(
            'age_xray',
            $this->knee(['ageYears' => 60])->walked('normal')->found(
                'flexion_range',
                ['flexionDeg' => 120],
            )->found('landmark_palpation', ['tender' => []])->lines(),
        );
    }

    public function test_where_tick_and_hand_differ_yes_wins_and_is_told(): void
    {
        $knee = Knee::hurt()->with('safety', ['cannotFlexTo90' => false])->found('flexion_range', ['flexionDeg' => 60]);
        self::assertArrayHasKey('fracture_rule_positive', $knee->lines());
        self::assertContains('gate_and_hand_disagree', $knee->remarks());
        self::assertContains(
            'gate_and_hand_disagree',
            Knee::hurt()->with('safety', ['cannotFlexTo90' => true])->found(
                'flexion_range',
                ['flexionDeg' => 120],
            )->remarks(),
        );
        self::assertNotContains(
            'gate_and_hand_disagree',
            Knee::hurt()->with(
                'safety',
                ['pulseOrSensationLost' => true],
            )->found('distal_pulse', ['result' => 'normal'])->remarks(),
            'sensation was not done',
        );
        self::assertNotContains(
            'gate_and_hand_disagree',
            Knee::hurt()->with('safety', ['cannotFlexTo90' => false])->found(
                'flexion_range',
                ['flexionDeg' => 120],
            )->remarks(),
        );
    }

    public function test_a_pulse_that_was_missing_once_stays_an_emergency(): void
    {
        $checks = [['at' => '2026-03-14T09:30:00Z', 'felt' => false], ['at' => '2026-03-14T09:45:00Z', 'felt' => true]];
        $knee = Knee::hurt()->with('pulseChecks', $checks)->found('distal_pulse', ['result' => 'normal']);
        self::assertSame('emergency', $knee->lines()['limb_threat']);
        self::assertContains('pulse_missing_once', $knee->remarks());
        self::assertSame(
            [],
            Knee::hurt()->with('pulseChecks', [['at' => '2026-03-14T09:30:00Z', 'felt' => true]])->lines(),
        );
        self::assertSame(
            'pulseChecks[0].at',
            Knee::hurt()->with('pulseChecks', [['at' => 'noon', 'felt' => true]])->refusal()->path,
        );
    }

    public function test_lines_are_told_most_urgent_first(): void
    {
        $lines = $this->knee(self::NO_INJURY)->with(
            'safety',
            [
                'recentSurgery' => true,
                'nightOrRestPain' => true,
                'openWound' => true,
                'boneCrepitus' => true,
                'calfTense' => true,
                'lockedShort' => true,
            ],
        )->lines();
        self::assertSame(
            ['limb_threat', 'open_joint', 'fracture_likely', 'rest_pain', 'locked_knee', 'recent_surgery'],
            array_keys($lines),
        );
    }

    public function test_the_gate_opens_when_its_questions_are_answered_and_the_age_is_known(): void
    {
        self::assertTrue(Knee::hurt()->with('safety', Knee::CLEAR)->assessed()->bearings->gate->open);
        foreach (array_keys(Knee::CLEAR) as $key) {
            $gate = Knee::hurt()->with('safety', array_diff_key(Knee::CLEAR, [$key => 0]))->assessed()->bearings->gate;
            self::assertFalse($gate->open, $key);
            self::assertSame([$key], array_map(static fn ($one): string => $one->value, $gate->unasked));
        }
        $byHand = Knee::hurt()->with(
            'safety',
            array_diff_key(Knee::CLEAR, ['pulseOrSensationLost' => 0]),
        )->found('distal_pulse', ['result' => 'normal']);
        self::assertTrue($byHand->assessed()->bearings->gate->open);
        self::assertFalse(
            Knee::hurt()->with('ageYears', null)->with('safety', Knee::CLEAR)->assessed()->bearings->gate->open,
        );
        self::assertContains('age_not_given', Knee::hurt()->with('ageYears', null)->remarks());
        $slow = [
            'feverOrHotRedKnee' => false,
            'nightOrRestPain' => false,
            'calfSwollenTender' => false,
            'recentSurgery' => false,
        ];
        self::assertTrue($this->knee(self::NO_INJURY)->with('safety', $slow)->assessed()->bearings->gate->open);
        self::assertFalse($this->knee(self::NO_INJURY)->with('safety', [])->assessed()->bearings->gate->open);
        self::assertFalse(
            $this->knee([
                ...self::NO_INJURY,
                'ageYears' => 17,
            ])->with('safety', $slow)->assessed()->bearings->gate->open,
        );
        self::assertTrue(
            $this->knee([...self::NO_INJURY, 'ageYears' => 17])->with(
                'safety',
                [...$slow, 'limpHipLimited' => false],
            )->assessed()->bearings->gate->open,
        );
    }

    public function test_every_rule_says_what_to_do_and_is_tested_above_or_by_results(): void
    {
        $byResults = ['multi_ligament', 'two_ligaments', 'stiff'];
        $tested = [
            ...array_column(iterator_to_array(self::ticks(), false), 2),
            ...array_column(iterator_to_array(self::hands(), false), 2),
            ...$byResults,
        ];
        self::assertSame([], array_diff(array_column(SafetyRule::cases(), 'value'), $tested));
        $phrases = (new Figures)->phrases();
        foreach (SafetyRule::cases() as $rule) {
            $sheet = (new Figures)->rules()->of($rule);
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $sheet->say, $rule->value);
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $phrases->sentence($sheet->found), $rule->value);
            self::assertSame(
                $rule === SafetyRule::HotKneeUnasked,
                $sheet->to === null || $sheet->question === '',
                $rule->value,
            );
        }
    }

    /**
     * @param  array<string, mixed>  $frame
     */
    private function knee(array $frame): Knee
    {
        $knee = Knee::hurt();
        foreach ($frame as $key => $value) {
            $knee->with($key, $value);
        }

        return $knee;
    }
}
